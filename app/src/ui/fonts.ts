import besley from '@fontsource-variable/besley/files/besley-latin-wght-normal.woff2';
import atkinson from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2';
import atkinsonBold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff2';

interface Family {
  readonly name: string;
  /** The weights that the app uses, each with the file it is in; a file may hold a range of them. */
  readonly files: readonly (readonly [weight: string, source: string])[];
  /** Families of systems that may stand in, and how much wider ours is: measured for Atkinson, estimated for Besley. */
  readonly standIns: readonly string[];
  readonly wider: string;
  /** Heights of a line as the file has them, so that a line stays as high when it comes. */
  readonly ascent: string;
  readonly descent: string;
}

const FAMILIES: readonly Family[] = [
  {
    name: 'Atkinson',
    files: [
      ['400', atkinson],
      ['700', atkinsonBold],
    ],
    standIns: ['Arial', 'Helvetica', 'Liberation Sans', 'Roboto'],
    wider: '100%',
    ascent: '98.4%',
    descent: '31.6%',
  },
  {
    name: 'Besley',
    files: [['400 900', besley]],
    standIns: ['Georgia', 'Noto Serif', 'DejaVu Serif'],
    wider: '105%',
    ascent: '119%',
    descent: '40.5%',
  },
];

/** Nothing waits for a family: until it is there another stands in, as wide, and the page does not jump. */
function cssOf({ name, files, standIns, wider, ascent, descent }: Family): string {
  const own = files.map(
    ([weight, source]) =>
      `@font-face{font-family:${name};font-display:swap;font-weight:${weight};src:url(${source}) format('woff2')}`,
  );
  const locals = standIns.map((family) => `local('${family}')`).join();
  const standIn =
    `@font-face{font-family:'${name} stand-in';src:${locals};size-adjust:${wider};` +
    `ascent-override:${ascent};descent-override:${descent};line-gap-override:0%}`;
  return [...own, standIn].join('');
}

/** The two families ship with the app; nothing is fetched from elsewhere. */
export function layOutFonts(): void {
  if (typeof document === 'undefined' || document.getElementById('own-fonts')) return;
  const style = document.createElement('style');
  style.id = 'own-fonts';
  style.textContent = FAMILIES.map(cssOf).join('');
  document.head.appendChild(style);
}
