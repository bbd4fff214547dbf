import { Welcome } from '../shell/lazyScreens';

export default Welcome;
