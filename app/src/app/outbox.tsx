import { Outbox } from '../shell/lazyScreens';

export default Outbox;
