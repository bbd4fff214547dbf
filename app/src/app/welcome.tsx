import { Welcome } from '../screens/lazyScreens';

export default Welcome;
