import { NotThere } from '../screens/NotThere';

export default NotThere;
