/**
 * The shape of everything that is kept, by what it is: a hash of the fields of its schema, at every depth. A device
 * reads anew what it kept under another. Printed by `npm run -s shapes`; a test says when it is no longer true.
 */
export const SHAPES = {
  clients: '414c9279',
  visits: 'dc6c2ac8',
  looks: '320b5bd6',
  probes: '2b7de025',
  checks: 'a7e6e8e2',
  drills: '7b939587',
  pictures: '1b4ae342',
  images: 'becde723',
  homePlans: '32a75c93',
  messages: '72058f1d',
  ownDrills: '69bfa3a6',
  rooms: 'dd738a74',
  homeEntries: '83acf7e1',
  settings: '267770e9',
} as const;
