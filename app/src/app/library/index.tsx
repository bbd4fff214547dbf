import { LibraryScreen } from '../../screens/LibraryScreen';

export default LibraryScreen;
