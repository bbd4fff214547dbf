import { ClientsPage } from '../screens/lazyScreens';

export default ClientsPage;
