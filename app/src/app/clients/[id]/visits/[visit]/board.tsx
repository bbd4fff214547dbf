import { useLocalSearchParams } from 'expo-router';
import { VisitBoard } from '../../../../../shell/lazyScreens';

export default function BoardOfVisit() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit: string }>();
  return <VisitBoard key={visit} clientId={id} visitId={visit} />;
}
