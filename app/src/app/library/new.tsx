import { DrillOfOwn } from '../../screens/lazyScreens';

export default function NewDrill() {
  return <DrillOfOwn drillId={null} />;
}
