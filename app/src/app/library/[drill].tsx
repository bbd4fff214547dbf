import { useLocalSearchParams } from 'expo-router';
import { DrillOfOwn } from '../../shell/lazyScreens';

export default function ChangedDrill() {
  const { drill } = useLocalSearchParams<{ drill: string }>();
  return <DrillOfOwn drillId={drill} />;
}
