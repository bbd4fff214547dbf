import { useLocalSearchParams } from 'expo-router';
import { FitScreen } from '../../../screens/FitScreen';

export default function Fit() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit?: string }>();
  return <FitScreen key={id} clientId={id} visitId={visit ?? null} />;
}
