import { ClientBones } from '../bones/ClientBones';
import { DoorBones } from '../bones/DoorBones';
import { PageBones } from '../bones/PageBones';
import { ScreenBones } from '../bones/ScreenBones';
import { TodayBones } from '../bones/TodayBones';
import { VisitBones } from '../bones/VisitBones';
import { lazyScreen } from '../parts/lazyScreen';
import { ComingBones } from './ComingBones';

/**
 * What people open, each a part of its own that is fetched when it is: the build cuts the app here.
 * Whatever several of them need is shared by the build (`scripts/lib/parts`), not by this list.
 */

/** Everything but the client's page passes through here: it knows who is signed in. */
export const CoachDoor = lazyScreen(
  () => import('./CoachDoor').then((file) => file.CoachDoor),
  DoorBones,
);
export const CoachFrame = lazyScreen(
  () => import('./CoachFrame').then((file) => file.CoachFrame),
  ComingBones,
);
export const SignIn = lazyScreen(
  () => import('./SignInScreen').then((file) => file.SignInScreen),
  DoorBones,
);
/** A client's own page, opened by a link and without an account. */
export const ClientsPage = lazyScreen(
  () => import('../client-page/HomePageScreen').then((file) => file.HomePageScreen),
  PageBones,
);
export const Today = lazyScreen(
  () => import('../today/HomeScreen').then((file) => file.HomeScreen),
  TodayBones,
);
export const Client = lazyScreen(
  () => import('../client/ClientScreen').then((file) => file.ClientScreen),
  ClientBones,
);
export const ClientForm = lazyScreen(
  () => import('../client/meet/ClientFormScreen').then((file) => file.ClientFormScreen),
  ScreenBones,
);
export const Visit = lazyScreen(
  () => import('../visit/VisitScreen').then((file) => file.VisitScreen),
  VisitBones,
);
export const VisitBoard = lazyScreen(
  () => import('../visit/thread/BoardScreen').then((file) => file.BoardScreen),
  ScreenBones,
);
export const Picture = lazyScreen(
  () => import('../measure/picture/PictureScreen').then((file) => file.PictureScreen),
  ScreenBones,
);
export const Recording = lazyScreen(
  () => import('../measure/recording/RecordingScreen').then((file) => file.RecordingScreen),
  ScreenBones,
);
export const Report = lazyScreen(
  () => import('../visit/report/ReportScreen').then((file) => file.ReportScreen),
  ScreenBones,
);
export const FitBench = lazyScreen(
  () => import('../client/fit/FitScreen').then((file) => file.FitScreen),
  ScreenBones,
);
export const Trends = lazyScreen(
  () => import('../client/trend/TrendsScreen').then((file) => file.TrendsScreen),
  ScreenBones,
);
export const Week = lazyScreen(
  () => import('../home-plan/HomePlanScreen').then((file) => file.HomePlanScreen),
  ScreenBones,
);
export const Handout = lazyScreen(
  () => import('../home-plan/HandoutScreen').then((file) => file.HandoutScreen),
  ScreenBones,
);
export const Library = lazyScreen(
  () => import('../library/LibraryScreen').then((file) => file.LibraryScreen),
  ScreenBones,
);
export const DrillOfOwn = lazyScreen(
  () => import('../library/OwnDrillScreen').then((file) => file.OwnDrillScreen),
  ScreenBones,
);
export const Practice = lazyScreen(
  () => import('../practice/PracticeScreen').then((file) => file.PracticeScreen),
  ScreenBones,
);
export const Outbox = lazyScreen(
  () => import('../letters/OutboxScreen').then((file) => file.OutboxScreen),
  ScreenBones,
);
export const Account = lazyScreen(
  () => import('../practice/account/AccountScreen').then((file) => file.AccountScreen),
  ScreenBones,
);
/** Where a link leads by which a password is chosen, before there is a session. */
export const Welcome = lazyScreen(
  () => import('../practice/welcome/WelcomeScreen').then((file) => file.WelcomeScreen),
  DoorBones,
);
/** Where the first practice of a house is made. */
export const Founding = lazyScreen(
  () => import('../practice/welcome/FoundingScreen').then((file) => file.FoundingScreen),
  DoorBones,
);
export const Deeds = lazyScreen(
  () => import('../practice/deeds/DeedsScreen').then((file) => file.DeedsScreen),
  ScreenBones,
);
