import { Today } from '../screens/lazyScreens';

export default Today;
