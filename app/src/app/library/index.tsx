import { Library } from '../../shell/lazyScreens';

export default Library;
