import { Practice } from '../shell/lazyScreens';

export default Practice;
