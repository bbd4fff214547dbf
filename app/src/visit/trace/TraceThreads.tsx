import type { Trace, TracedCause } from '@taxikine/core/inference/trace/trace';
import { probabilityWords } from '@taxikine/core/foundation/words/probability';
import { View } from '@tamagui/core';
import { BARE_BUTTON } from '../../ui/bareButton';
import { Numeral, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { KindMark } from '../thread/KindMark';
import { StrandHits } from '../thread/StrandHits';
import { faultWords } from './faultWords';
import { KNOT, ROW, type ThreadSpot, type TraceLayout } from './threadLayout';
import { TraceStrands } from './TraceStrands';
import { useTraceThreads, type TraceThreadsState } from './useTraceThreads';

export interface TraceThreadsProps {
  readonly shown: Trace;
  /** What it is held against: other than `shown` while findings are left out. */
  readonly actual: Trace;
  /** Keys of the faults that were seen. */
  readonly faults: readonly string[];
  readonly width: number;
  readonly selected: string | null;
  readonly onSelect: (key: string) => void;
}

const causeWords = (cause: TracedCause, given: string): string =>
  cause.kind === 'given' ? given : probabilityWords(cause.p);

/** "0.91 → ", while findings are left out. */
const wasWords = (before: TracedCause | undefined): string =>
  before ? `${probabilityWords(before.p)} → ` : '';

/** Threads from each fault to what it comes from: as thick as it is sure, drawn by kind. */
export function TraceThreads(props: TraceThreadsProps) {
  const { faults, width, selected } = props;
  const t = useText();
  const state = useTraceThreads(props);
  const { layout, to, strands, read } = state;
  return (
    <View role="group" aria-label={t('trace.threads')} width={width} gap="$1">
      <View flexDirection="row">
        <Words tiny soft width={to}>
          {t('trace.seen')}
        </Words>
        <Words tiny soft>
          {t('trace.causes')}
        </Words>
      </View>
      <View position="relative" height={layout.height}>
        <TraceStrands state={state} width={width} />
        <StrandHits
          width={width}
          height={layout.height}
          hits={strands.map(({ key, d, cause }) => ({ key, d, onPress: () => read(cause.key) }))}
        />
        {layout.faults.map((spot) => (
          <FaultButton key={spot.key} spot={spot} state={state} />
        ))}
        {layout.causes.map((spot) => (
          <CauseButton key={spot.key} spot={spot} state={state} width={width} selected={selected} />
        ))}
      </View>
      {layout.builtY === null ? null : (
        <Words tiny soft>
          {t('trace.builtOrGiven')}
        </Words>
      )}
      {faults.length === 0 ? (
        <Words small soft>
          {t('trace.noFault')}
        </Words>
      ) : null}
    </View>
  );
}

interface FaultButtonProps {
  readonly spot: ThreadSpot;
  readonly state: TraceThreadsState;
}

function FaultButton({ spot: { key, y }, state: { from, fault, tapFault } }: FaultButtonProps) {
  const t = useText();
  return (
    <button
      type="button"
      aria-label={t('trace.faultSays', { fault: faultWords(key) })}
      aria-pressed={fault === key}
      onClick={() => tapFault(key)}
      style={{ ...PLAIN, left: 0, top: y - KNOT, width: from - 10 }}
    >
      <Words small bold={fault === key}>
        {faultWords(key)}
      </Words>
    </button>
  );
}

interface CauseButtonProps {
  readonly spot: TraceLayout['causes'][number];
  readonly state: TraceThreadsState;
  readonly width: number;
  readonly selected: string | null;
}

function CauseButton({ spot: { key, cause, y }, state, width, selected }: CauseButtonProps) {
  const t = useText();
  const { to, read, before } = state;
  const says = { cause: cause.sentence, p: causeWords(cause, t('trace.given')) };
  return (
    <button
      type="button"
      aria-label={t('trace.causeSays', says)}
      aria-pressed={selected === key}
      onClick={() => read(key)}
      style={{ ...PLAIN, left: to + 8, top: y - KNOT, width: width - to - 8 }}
    >
      <KindMark kind={cause.kind} size={24} />
      <View flex={1}>
        <Words small bold={selected === key}>
          {cause.sentence}
        </Words>
        <Words tiny soft>
          {cause.kind === 'given' ? null : (
            <Numeral fontSize="$3" lineHeight="$3">
              {wasWords(before(key))}
              {probabilityWords(cause.p)}{' '}
            </Numeral>
          )}
          {t(`trace.kinds.${cause.kind}`)}
        </Words>
      </View>
    </button>
  );
}

const PLAIN = {
  ...BARE_BUTTON,
  position: 'absolute',
  minHeight: ROW - 14,
  gap: 6,
} as const;
