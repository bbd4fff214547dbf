import { useLocalSearchParams } from 'expo-router';
import { Client } from '../../../shell/lazyScreens';

export default function OneClient() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <Client key={id} clientId={id} />;
}
