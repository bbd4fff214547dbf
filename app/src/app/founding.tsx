import { Founding } from '../screens/lazyScreens';

export default Founding;
