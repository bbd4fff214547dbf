import { useLocalSearchParams } from 'expo-router';
import { ClientForm } from '../../../shell/lazyScreens';

export default function EditClient() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <ClientForm key={id} clientId={id} />;
}
