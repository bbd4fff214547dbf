import { Account } from '../screens/lazyScreens';

export default Account;
