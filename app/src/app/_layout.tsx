import { Root } from '../shell/Root';

export default Root;
