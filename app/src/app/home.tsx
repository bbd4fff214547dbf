import { ClientsPage } from '../shell/lazyScreens';

export default ClientsPage;
