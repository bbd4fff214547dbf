import { useLocalSearchParams } from 'expo-router';
import { Visit } from '../../../../../shell/lazyScreens';

export default function OneVisit() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit: string }>();
  return <Visit key={visit} clientId={id} visitId={visit} />;
}
