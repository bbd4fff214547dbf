import { usePathname } from 'expo-router';
import { ScreenBones } from '../bones/ScreenBones';
import { TodayBones } from '../bones/TodayBones';

/** The bones of the screen that is about to come. */
export function ComingBones() {
  return usePathname() === '/' ? <TodayBones /> : <ScreenBones />;
}
