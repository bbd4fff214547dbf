import { useLocalSearchParams } from 'expo-router';
import { TrendsScreen } from '../../../screens/TrendsScreen';

export default function ClientTrends() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <TrendsScreen key={id} clientId={id} />;
}
