import { useLocalSearchParams } from 'expo-router';
import { Report } from '../../../../../shell/lazyScreens';

export default function VisitReport() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit: string }>();
  return <Report key={visit} clientId={id} visitId={visit} />;
}
