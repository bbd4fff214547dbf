import { useLocalSearchParams } from 'expo-router';
import { OwnDrillScreen } from '../../screens/OwnDrillScreen';

export default function ChangedDrill() {
  const { drill } = useLocalSearchParams<{ drill: string }>();
  return <OwnDrillScreen drillId={drill} />;
}
