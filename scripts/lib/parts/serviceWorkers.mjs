import { generateSW } from 'workbox-build';

/** What a coach needs for a whole visit without a signal. */
const OF_A_VISIT = [
  'CoachDoor',
  'CoachFrame',
  'HomeScreen',
  'ClientScreen',
  'ClientFormScreen',
  'VisitScreen',
  'BoardScreen',
  'RecordingScreen',
  'PictureScreen',
];
const isStep = (name) => name.endsWith('Step');
const PAGE = ['HomePageScreen', 'PlayedDose', 'doseDrawings'];

const ALWAYS = ['assets/**/*.woff2', 'favicon.ico'];

const common = {
  inlineWorkboxRuntime: true,
  sourcemap: false,
  cleanupOutdatedCaches: true,
  clientsClaim: true,
  // Names under here carry a hash of what is in them.
  dontCacheBustURLsMatching: /_expo\/static\//,
  maximumFileSizeToCacheInBytes: 12 * 1024 * 1024,
};

/** Files of parts as the service worker lists them: relative to the folder they are served from. */
const filesOf = (table, names) =>
  [...new Set(names.flatMap((name) => table[name]))].map((url) => url.slice(1));

/**
 * Two service workers: the coach's keeps a whole visit and whatever else was opened; a client's keeps the
 * page of the link. A new one of the coach's waits until the coach wants it.
 *
 * @param dist folder of the app
 * @param build {{ entry: string, table: Record<string, string[]>, workers: string[] }}
 */
export async function writeServiceWorkers(dist, { entry, table, workers }) {
  const steps = Object.keys(table).filter(isStep);
  const coach = filesOf({ ...table, entry: [entry], workers }, [
    'entry',
    'workers',
    ...OF_A_VISIT,
    ...steps,
  ]);
  await generateSW({
    ...common,
    globDirectory: dist,
    swDest: `${dist}/sw.js`,
    globPatterns: ['index.html', ...coach, ...ALWAYS],
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//, /^\/home/],
    runtimeCaching: [
      {
        urlPattern: /\/_expo\/static\/.*\.js$/,
        handler: 'CacheFirst',
        options: {
          cacheName: 'opened',
          expiration: { maxEntries: 80 },
          cacheableResponse: { statuses: [200] },
        },
      },
    ],
  });
  await generateSW({
    ...common,
    globDirectory: dist,
    swDest: `${dist}/sw-page.js`,
    globPatterns: [
      'home.html',
      ...filesOf({ ...table, entry: [entry] }, ['entry', ...PAGE]),
      ...ALWAYS,
    ],
    skipWaiting: true,
    navigateFallback: '/home.html',
    navigateFallbackAllowlist: [/^\/home/],
  });
}
