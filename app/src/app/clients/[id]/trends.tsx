import { useLocalSearchParams } from 'expo-router';
import { Trends } from '../../../shell/lazyScreens';

export default function ClientTrends() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <Trends key={id} clientId={id} />;
}
