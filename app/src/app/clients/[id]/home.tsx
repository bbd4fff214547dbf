import { useLocalSearchParams } from 'expo-router';
import { Week } from '../../../shell/lazyScreens';

export default function ClientHomePlan() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <Week key={id} clientId={id} />;
}
