import { groupBy } from '../../../foundation/numeric/groupBy';
import type { FindingId } from '../../../knowledge/links';
import { oneRegion, placeWords } from '../../../knowledge/regions';
import { otherSide } from '../../../foundation/sides/side';
import type { Pain, SeenFault } from '../../../records/case/caseFile';
import type { Observation } from '../connect';
import { ratioOfDecibans } from '../sizeRatio';

/** What pain is read from: itself, and where the hips go. */
interface Look {
  readonly pain: readonly Pain[];
  readonly faults: readonly Pick<SeenFault, 'fault' | 'side'>[];
}

/** One way in which a pain speaks; the first that holds is what it says. */
interface PainSign {
  readonly finding: FindingId;
  readonly when: (pain: Pain, look: Look) => boolean;
}

const isAt = ({ region }: Pain, ...regions: readonly Pain['region'][]): boolean =>
  regions.includes(region);
const isDull = ({ kind }: Pain): boolean => kind !== 'electric';

/** The hips go away from the side that hurts. */
const isSlidFrom = ({ side }: Pain, { faults }: Look): boolean =>
  Boolean(side) &&
  faults.some((one) => one.fault === 'hips-slide' && one.side === otherSide(side!));

/** What pain says, by place, kind and what goes with it: the most particular first. */
const PAIN_SIGNS: readonly PainSign[] = [
  {
    finding: 'pain:nerve-back',
    when: ({ kind, region }) => kind === 'electric' && oneRegion(region).nerve === 'back-of-leg',
  },
  {
    finding: 'pain:nerve-front',
    when: ({ kind, region }) => kind === 'electric' && oneRegion(region).nerve === 'front-of-leg',
  },
  {
    finding: 'pain:pinch-hip',
    when: (pain) => pain.kind === 'pinch' && isAt(pain, 'hip', 'groin'),
  },
  { finding: 'pain:pinch-ankle', when: (pain) => pain.kind === 'pinch' && isAt(pain, 'ankle') },
  {
    finding: 'pain:knee-guarded',
    when: (pain, look) =>
      isDull(pain) && isAt(pain, 'knee', 'kneecap', 'inner-knee') && isSlidFrom(pain, look),
  },
  { finding: 'pain:inner-knee', when: (pain) => isDull(pain) && isAt(pain, 'inner-knee') },
  { finding: 'pain:knee', when: (pain) => isDull(pain) && isAt(pain, 'knee', 'kneecap') },
  { finding: 'pain:low-back', when: (pain) => isDull(pain) && isAt(pain, 'low-back', 'back') },
  { finding: 'pain:big-toe', when: (pain) => isDull(pain) && isAt(pain, 'big-toe') },
  { finding: 'pain:neck', when: (pain) => isDull(pain) && isAt(pain, 'neck') },
  { finding: 'pain:wrist', when: (pain) => isDull(pain) && isAt(pain, 'wrist') },
  { finding: 'pain:achilles', when: (pain) => isDull(pain) && isAt(pain, 'achilles') },
];

/** Most that a pain can say by its size, in decibans, and the score by which most of it is said. Ours. */
const MOST_DECIBANS = 20;
const REACH = 4;

/** Likelihood ratio of a pain by its score, 0 to 10: none at none, and more with every point. */
export const painRatio = (score: number): number =>
  ratioOfDecibans(MOST_DECIBANS * -Math.expm1(-score / REACH));

/** The same place, side and kind in two phases is one pain, as bad as where it was worst. */
export const worstOfEach = (pain: readonly Pain[]): Pain[] =>
  [...groupBy(pain, ({ region, side, kind }) => [region, side ?? '', kind].join()).values()].map(
    (same) => same.reduce((worst, one) => (one.score > worst.score ? one : worst)),
  );

/** What pain speaks for; one that no table makes anything of says nothing. */
export const observePain = (look: Look): Observation[] =>
  worstOfEach(look.pain).flatMap((pain): Observation[] => {
    const sign = PAIN_SIGNS.find(({ when }) => when(pain, look));
    if (!sign || pain.score === 0) return [];
    const { region, side, kind, score } = pain;
    return [
      {
        finding: sign.finding,
        side: side ?? null,
        ratio: painRatio(score),
        words: `${kind}, ${placeWords(region, side)}, ${score} of 10`,
      },
    ];
  });
