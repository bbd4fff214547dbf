import { LIKELY_ENOUGH } from '@taxikine/core/inference/trace/likelyEnough';
import { probabilityOfOdds } from '@taxikine/core/foundation/numeric/odds';
import { foldRest } from '@taxikine/core/inference/trace/foldRest';
import type { CauseReasons } from '@taxikine/core/inference/trace/reasons';
import type { Rival } from '@taxikine/core/planning/asking/rivals';
import type { TracedCause } from '@taxikine/core/inference/trace/trace';
import { probabilityWords } from '@taxikine/core/foundation/words/probability';
import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { KindMark, kindColour } from '../thread/KindMark';
import { strandWidth } from '../thread/strandPath';
import { Numeral, Title, Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';
import { faultWords } from './faultWords';
import { nextName } from './nextWords';
import { ReasonBar } from './ReasonBar';

const MOST_REASONS = 6;

export interface CauseCardProps {
  readonly cause: TracedCause;
  /** How it got from what is usual to what is stated; null until it is worked out. */
  readonly why: CauseReasons | null;
  readonly rivals: readonly Rival[];
  /** What can be said of it: pin, dismiss, take back. */
  readonly actions?: ReactNode;
}

/** One cause read in full: how sure, what speaks for and against, what else it could be. */
export function CauseCard({ cause, why, rivals, actions }: CauseCardProps) {
  const t = useText();
  const palette = usePalette();
  const sure = cause.p >= LIKELY_ENOUGH;
  return (
    <View
      gap="$2"
      borderLeftWidth={strandWidth(cause.p)}
      borderColor={kindColour(cause.kind, palette) as never}
      paddingLeft="$3"
      role="group"
      aria-label={`${cause.sentence}, ${probabilityWords(cause.p)}`}
    >
      <View flexDirection="row" gap="$2" alignItems="flex-start">
        <KindMark kind={cause.kind} />
        <View flex={1}>
          <Title small aria-level={3}>
            {cause.sentence}
          </Title>
          <Words small soft>
            {t(`trace.kinds.${cause.kind}`)} ·{' '}
            {t('trace.consistent', { what: cause.consistentWith })}
          </Words>
        </View>
        <Numeral fontSize="$6" lineHeight="$6" color={sure ? '$ink' : '$soft'}>
          {cause.kind === 'given' ? t('trace.given') : probabilityWords(cause.p)}
        </Numeral>
      </View>
      {cause.coach ? (
        <Words small bold>
          {t(`trace.${cause.coach.says}`, { why: cause.coach.why })}{' '}
          {t('trace.alone', { p: probabilityWords(cause.byFindings) })}
        </Words>
      ) : null}
      <Words small>
        {cause.explains.length > 0
          ? `${t('trace.explains')}: ${cause.explains.map(({ fault }) => faultWords(fault)).join(', ')}`
          : t('trace.explainsNothing')}
      </Words>
      {cause.kind === 'given' ? null : <Why why={why} colour={kindColour(cause.kind, palette)} />}
      {rivals.length > 0 ? <Rivals rivals={rivals} /> : null}
      {actions}
    </View>
  );
}

/** Room that is kept until the reasons are there, so that nothing jumps. */
const ROOM = 120;

/** From what is usual, finding by finding, to what is stated. */
function Why({ why, colour }: { why: CauseReasons | null; colour: string }) {
  const t = useText();
  if (!why) return <View minHeight={ROOM} />;
  const reasons = foldRest(
    why.reasons,
    ({ finding }, at) => finding !== 'rest' && at < MOST_REASONS,
  );
  return (
    <View gap="$2">
      <Words small soft>
        {t('trace.before', { p: probabilityWords(probabilityOfOdds(10 ** (why.prior / 10))) })}
      </Words>
      {reasons.map((reason) => (
        <ReasonBar key={reason.finding} reason={reason} colour={colour} />
      ))}
      {reasons.length === 0 ? (
        <Words small soft>
          {t('trace.noReasons')}
        </Words>
      ) : null}
    </View>
  );
}

function Rivals({ rivals }: { rivals: readonly Rival[] }) {
  const t = useText();
  return (
    <View gap="$1" paddingTop="$1">
      <Words small soft>
        {t('trace.rivals')}
      </Words>
      {rivals.map(({ cause, apart }) => (
        <View key={cause.key} flexDirection="row" gap="$2" alignItems="flex-start">
          <KindMark kind={cause.kind} size={20} />
          <View flex={1}>
            <Words small>
              {cause.sentence} ({probabilityWords(cause.p)})
            </Words>
            <Words tiny soft>
              {apart ? t('trace.apart', { what: nextName(apart, t) }) : t('trace.noApart')}
            </Words>
          </View>
        </View>
      ))}
    </View>
  );
}
