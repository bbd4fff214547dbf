import { useLocalSearchParams } from 'expo-router';
import { PictureScreen } from '../../../../../screens/PictureScreen';

export default function VisitPicture() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit: string }>();
  return <PictureScreen key={visit} clientId={id} visitId={visit} />;
}
