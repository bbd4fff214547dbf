import { Practice } from '../screens/lazyScreens';

export default Practice;
