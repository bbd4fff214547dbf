import { Root } from '../screens/Root';

export default Root;
