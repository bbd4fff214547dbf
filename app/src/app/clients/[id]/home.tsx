import { useLocalSearchParams } from 'expo-router';
import { HomePlanScreen } from '../../../screens/HomePlanScreen';

export default function ClientHomePlan() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <HomePlanScreen key={id} clientId={id} />;
}
