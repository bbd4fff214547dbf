import { useLocalSearchParams } from 'expo-router';
import { VisitBoard } from '../../../../../screens/lazyScreens';

export default function BoardOfVisit() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit: string }>();
  return <VisitBoard key={visit} clientId={id} visitId={visit} />;
}
