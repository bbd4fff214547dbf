import { Outbox } from '../screens/lazyScreens';

export default Outbox;
