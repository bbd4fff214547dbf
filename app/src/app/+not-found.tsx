import { NotThere } from '../shell/NotThere';

export default NotThere;
