import atkinson from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2';
import besley from '@fontsource/besley/files/besley-latin-400-normal.woff2';

interface Face {
  readonly family: string;
  readonly source: string;
  /** Families of systems that may stand in, and how much wider ours is, measured over running text. */
  readonly standIns: readonly string[];
  readonly wider: string;
  /** Heights of a line as the file has them, so that a line stays as high when it comes. */
  readonly ascent: string;
  readonly descent: string;
}

const FACES: readonly Face[] = [
  {
    family: 'Atkinson',
    source: atkinson,
    standIns: ['Arial', 'Helvetica', 'Liberation Sans', 'Roboto'],
    wider: '100%',
    ascent: '98.4%',
    descent: '31.6%',
  },
  {
    family: 'Besley',
    source: besley,
    standIns: ['Georgia', 'Noto Serif', 'DejaVu Serif'],
    wider: '105%',
    ascent: '119%',
    descent: '40.5%',
  },
];

/** Nothing waits for a family: until it is there another stands in, as wide, and the page does not jump. */
const cssOf = ({ family, source, standIns, wider, ascent, descent }: Face): string =>
  `@font-face{font-family:${family};font-display:swap;` +
  `src:url(${source}) format('woff2')}` +
  `@font-face{font-family:'${family} stand-in';src:${standIns.map((name) => `local('${name}')`).join()};` +
  `size-adjust:${wider};ascent-override:${ascent};descent-override:${descent};line-gap-override:0%}`;

/** The two families ship with the app; nothing is fetched from elsewhere. */
export function layOutFonts(): void {
  if (typeof document === 'undefined' || document.getElementById('own-fonts')) return;
  const style = document.createElement('style');
  style.id = 'own-fonts';
  style.textContent = FACES.map(cssOf).join('');
  document.head.appendChild(style);
}
