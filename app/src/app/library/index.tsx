import { Library } from '../../screens/lazyScreens';

export default Library;
