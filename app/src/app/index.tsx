import { Today } from '../shell/lazyScreens';

export default Today;
