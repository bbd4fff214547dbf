import { Founding } from '../shell/lazyScreens';

export default Founding;
