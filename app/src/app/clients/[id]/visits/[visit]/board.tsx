import { useLocalSearchParams } from 'expo-router';
import { BoardScreen } from '../../../../../screens/BoardScreen';

export default function VisitBoard() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit: string }>();
  return <BoardScreen key={visit} clientId={id} visitId={visit} />;
}
