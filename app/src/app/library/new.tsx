import { DrillOfOwn } from '../../shell/lazyScreens';

export default function NewDrill() {
  return <DrillOfOwn drillId={null} />;
}
