import type { Setup } from '../../body/stance/setup';

/** One thing in which two set-ups differ, in words: "stance 36 cm, then 44 cm". */
type Named = readonly [name: string, of: (setup: Setup) => string];

const degrees = (value: number): string => `${value}°`;

const PARTS: readonly Named[] = [
  ['stance', ({ stanceCm }) => `${stanceCm} cm`],
  ['left toes', ({ toeOutDeg }) => degrees(toeOutDeg.left)],
  ['right toes', ({ toeOutDeg }) => degrees(toeOutDeg.right)],
  ['heels', ({ heelLiftMm }) => `${heelLiftMm} mm up`],
  ['one heel', ({ oneHeelUp }) => (oneHeelUp ? `${oneHeelUp} up` : 'none')],
  ['front foot', ({ frontFootLiftMm = 0 }) => `${frontFootLiftMm} mm up`],
  ['foot in front', ({ front }) => front ?? 'neither'],
  ['step', ({ stepCm }) => (stepCm === undefined ? 'none' : `${stepCm} cm`)],
  ['legs stood on', ({ oneLeg }) => oneLeg ?? 'both'],
  ['arms', ({ arms }) => arms],
  ['hands', ({ hands }) => hands],
  ['load', ({ load }) => (load.at === 'none' ? 'none' : `${load.kg} kg ${load.at}`)],
  ['tempo', ({ tempo }) => tempo],
  [
    'depth aimed for',
    ({ depthAimDeg }) => (depthAimDeg === undefined ? 'own' : degrees(depthAimDeg)),
  ],
  ['shoes', ({ shoes }) => shoes],
];

/** Everything in which a retest was not set up as the look before it; empty when it was. */
export const setupDifferences = (before: Setup, after: Setup): string[] =>
  PARTS.flatMap(([name, of]) => {
    const [was, is] = [of(before), of(after)];
    return was === is ? [] : [`${name} ${was}, then ${is}`];
  });
