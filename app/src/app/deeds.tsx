import { Deeds } from '../shell/lazyScreens';

export default Deeds;
