import { useLocalSearchParams } from 'expo-router';
import { FitBench } from '../../../shell/lazyScreens';

export default function Fit() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit?: string }>();
  return <FitBench key={id} clientId={id} visitId={visit ?? null} />;
}
