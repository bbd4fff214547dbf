import { useLocalSearchParams } from 'expo-router';
import { HandoutScreen } from '../../../screens/HandoutScreen';

export default function ClientHandout() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <HandoutScreen key={id} clientId={id} />;
}
