import { useLocalSearchParams } from 'expo-router';
import { Picture } from '../../../../../shell/lazyScreens';

export default function VisitPicture() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit: string }>();
  return <Picture key={visit} clientId={id} visitId={visit} />;
}
