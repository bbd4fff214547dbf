import { radOfDeg } from '../../foundation/numeric/angle';
import { attribute, type Attribution, type AttributionInput, type Share } from './attribute';
import { depthCm } from '../../body/solver/depthCm';
import { errorsOf, rangeErrors, Z95 } from './rangeErrors';

/** An attribution in which every length has the half-width of its 95 % interval, in centimetres. */
export interface AttributionWithErrors extends Attribution {
  readonly shares: readonly (Share & { readonly errorCm: number })[];
  readonly shortfallErrorCm: number;
}

/** Standard error of a thigh angle read by eye, in degrees. Ours. */
const READ_BY_EYE_DEG = 4;

/** What a reading error of the seen depth is worth in centimetres, one standard error. */
function readingCm({ pattern, body, seenDeg }: AttributionInput): number {
  if (seenDeg === null) return 0;
  const cm = depthCm(pattern, body);
  const at = (byDeg: number) => cm(radOfDeg(seenDeg + byDeg));
  return (at(READ_BY_EYE_DEG) - at(-READ_BY_EYE_DEG)) / 2;
}

/**
 * The attribution with its errors: the measuring error of every measured range, and of the seen
 * depth, carried through. `input.limits` holds only what was measured.
 *
 * @param onWorked told how many of the attributions are done, and how many there are
 */
export function attributeWithErrors(
  input: AttributionInput,
  onWorked: (done: number, all: number) => void = () => {},
): AttributionWithErrors {
  const found = attribute(input);
  const measured = rangeErrors(input.pattern, input.limits).filter(
    ({ side, limit }) => input.limits[side]?.[limit] !== undefined,
  );
  const all = 2 * measured.length + 1;
  let done = 0;
  const figures = (limits: AttributionInput['limits']): number[] => {
    const one = done === 0 ? found : attribute({ ...input, limits });
    onWorked((done += 1), all);
    return [...found.shares.map(({ part }) => cmOf(one, part)), one.shortfallCm];
  };
  const errors = errorsOf(input.limits, measured, figures);
  const reading = Z95 * readingCm(input);
  const withReading = (error: number) => Math.hypot(error, reading);
  return {
    ...found,
    shares: found.shares.map((share, i) => ({
      ...share,
      errorCm: share.part === 'not explained by range' ? withReading(errors[i]) : errors[i],
    })),
    shortfallErrorCm: withReading(errors[errors.length - 1]),
  };
}

const cmOf = ({ shares }: Attribution, part: Share['part']): number =>
  shares.find((share) => share.part === part)?.cm ?? 0;
