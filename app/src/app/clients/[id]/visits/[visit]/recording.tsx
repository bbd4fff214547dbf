import { useLocalSearchParams } from 'expo-router';
import { Recording } from '../../../../../shell/lazyScreens';

export default function VisitRecording() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit: string }>();
  return <Recording key={visit} clientId={id} visitId={visit} />;
}
