import { PracticeScreen } from '../screens/PracticeScreen';

export default PracticeScreen;
