import { maybeAgainstCheck } from '@taxikine/core/inference/safety/againstAsking';
import type { CheckId } from '@taxikine/core/knowledge/checks';
import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import { careFor } from '@taxikine/core/inference/case/careFor';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface AgainstSideProps {
  readonly check: CheckId;
  readonly side: MaybeSide;
  readonly visit: VisitFile;
}

/** Why a check is not to be taken on a side of this client; nothing where it may be. */
export function AgainstSide({ check, side, visit }: AgainstSideProps) {
  const t = useText();
  const why = maybeAgainstCheck(check, side, careFor(visit));
  return why ? (
    <Words small accent role="note" maxWidth={260}>
      {t('guide.leaveOut', { why })}
    </Words>
  ) : null;
}
