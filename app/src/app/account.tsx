import { Account } from '../shell/lazyScreens';

export default Account;
