import atkinson from '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2';
import besley from '@fontsource-variable/besley/files/besley-latin-wght-normal.woff2';
import { useFonts } from 'expo-font';

/** The two families ship with the app; nothing is fetched from elsewhere. */
export const useOwnFonts = (): boolean => useFonts({ Besley: besley, Atkinson: atkinson })[0];
