import { useLocalSearchParams } from 'expo-router';
import { VisitScreen } from '../../../../../screens/VisitScreen';

export default function OneVisit() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit: string }>();
  return <VisitScreen key={visit} clientId={id} visitId={visit} />;
}
