import { useLocalSearchParams } from 'expo-router';
import { Handout } from '../../../shell/lazyScreens';

export default function ClientHandout() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <Handout key={id} clientId={id} />;
}
