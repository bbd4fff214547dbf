import { OwnDrillScreen } from '../../screens/OwnDrillScreen';

export default function NewDrill() {
  return <OwnDrillScreen drillId={null} />;
}
