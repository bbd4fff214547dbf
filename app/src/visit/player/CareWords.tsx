import { isHelp } from '@taxikine/core/inference/safety/isHelp';
import { Words } from '../../ui/text';

export interface CareWordsProps {
  /** As `careOf` says it. */
  readonly care: readonly string[];
  readonly size?: 'small' | 'usual' | 'loud';
}

const SIZES = {
  small: { small: true },
  usual: {},
  loud: { fontSize: '$4', lineHeight: '$4' },
} as const;

/** How a drill is to be done by this client: what is to be kept from in the colour of warnings, what helped without. */
export function CareWords({ care, size = 'usual' }: CareWordsProps) {
  return care.map((says) => (
    <Words key={says} bold accent={!isHelp(says)} {...SIZES[size]}>
      {says}
    </Words>
  ));
}
