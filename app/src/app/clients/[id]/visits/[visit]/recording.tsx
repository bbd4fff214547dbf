import { useLocalSearchParams } from 'expo-router';
import { RecordingScreen } from '../../../../../screens/RecordingScreen';

export default function VisitRecording() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit: string }>();
  return <RecordingScreen key={visit} clientId={id} visitId={visit} />;
}
