import { useLocalSearchParams } from 'expo-router';
import { ClientScreen } from '../../../screens/ClientScreen';

export default function OneClient() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <ClientScreen key={id} clientId={id} />;
}
