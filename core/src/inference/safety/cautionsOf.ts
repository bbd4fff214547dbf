import { FLAGS } from '../../knowledge/flags';
import { oneRegion, placeWords } from '../../knowledge/regions';
import { oneReferQuestion } from '../../knowledge/refer';
import { LIKELY_ENOUGH } from '../trace/likelyEnough';
import type { Trace } from '../trace/trace';
import type { CaseFile } from '../../records/case/caseFile';
import { painCautions, type Hurting } from './painCautions';
import { standingOf, type Told } from './standing';

/** Said with every trace. */
export const STANDING_CAUTION =
  'Supports a coach’s judgement and makes no diagnosis; local rules and licensed clinicians come first.';

const referCautions = ({ client }: CaseFile): string[] =>
  [...new Set(client.refer)].map((id) => oneReferQuestion(id).say);

const flagCautions = ({ client }: { readonly client: Told }): string[] =>
  FLAGS.filter(({ id }) => standingOf(client).flags.includes(id)).map(
    ({ name, note }) => `${name}: ${note}`,
  );

/** What a flag needs to know before it can be less than strict. */
function askCautions({ client }: { readonly client: Told }): string[] {
  const { flags, replaced = [], missing = [] } = standingOf(client);
  return [
    ...(flags.includes('joint-replacement') && replaced.length === 0
      ? [
          'Ask which joint was replaced and what the surgeon allows: until then all hips and knees are spared.',
        ]
      : []),
    ...replaced
      .filter(({ mostDeg }) => mostDeg === null)
      .map(({ joint, side }) => `Ask how far the surgeon lets the replaced ${side} ${joint} bend.`),
    ...(flags.includes('prosthesis') && missing.length === 0
      ? ['Say on which side the prosthesis is, and where the limb ends.']
      : []),
  ];
}

/** An electric pain that no nerve of the leg explains is not ours to explain. */
const strangeCautions = ({ look }: { readonly look: Hurting }): string[] =>
  look.pain
    .filter(
      ({ kind, region, score }) => kind === 'electric' && score > 0 && !oneRegion(region).nerve,
    )
    .map(
      ({ region, side }) =>
        `Electric pain at the ${placeWords(region, side)} is no nerve of the leg that we know how to slide: refer it to a clinician.`,
    );

function jointCautions({ checks, look }: CaseFile): string[] {
  const pinched =
    checks.some(({ pinch }) => pinch) || look.pain.some(({ kind }) => kind === 'pinch');
  const innerKnee = checks.some(({ felt }) => felt === 'inner-knee');
  return [
    ...(pinched ? ['A pinch: move up to it, never into it.'] : []),
    ...(innerKnee
      ? ['A pull inside the knee: close the knee or raise the seat; the hip is asking it to twist.']
      : []),
  ];
}

const nerveCautions = ({ causes }: Trace): string[] =>
  causes.some(({ kind, p }) => kind === 'nerve' && p >= LIKELY_ENOUGH)
    ? ['A nerve is slid, small and without symptoms; never held on stretch.']
    : [];

/** Flags by name, in one line; what each asks of a drill is said with the drill. */
const flagLine = ({ client }: { readonly client: Told }): string[] => {
  const { flags } = standingOf(client);
  const names = FLAGS.filter(({ id }) => flags.includes(id)).map(({ name }) => name.toLowerCase());
  return names.length > 0 ? [`Flags: ${names.join(', ')}.`] : [];
};

/** What pain and flags ask for whatever comes next, the most urgent first; nothing where neither was told. */
export const standingCautions = (file: {
  readonly client: Told;
  readonly look: Hurting;
}): readonly string[] => [
  ...painCautions(file),
  ...strangeCautions(file),
  ...askCautions(file),
  ...flagLine(file),
];

/** What must be kept in mind with this case, the most urgent first. */
export const cautionsOf = (file: CaseFile, found: Trace): string[] => [
  ...referCautions(file),
  ...painCautions(file),
  ...strangeCautions(file),
  ...jointCautions(file),
  ...nerveCautions(found),
  ...askCautions(file),
  ...flagCautions(file),
  STANDING_CAUTION,
];
