import { Deeds } from '../screens/lazyScreens';

export default Deeds;
