import { NotThere } from '../frame/NotThere';

export default NotThere;
