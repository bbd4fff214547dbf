import { HomePageScreen } from '../homePage/HomePageScreen';

export default HomePageScreen;
