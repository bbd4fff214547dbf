import type { Trace, TracedCause } from '@taxikine/core/inference/trace/trace';
import { probabilityWords } from '@taxikine/core/foundation/words/probability';
import { View } from '@tamagui/core';
import { useState } from 'react';
import Svg, { Circle, Path } from 'react-native-svg';
import { wantsStill } from '../../figure/wantsStill';
import { KindMark, kindColour, kindDash } from '../thread/KindMark';
import { StrandHits } from '../thread/StrandHits';
import { curlPath, strandPath, strandWidth } from '../thread/strandPath';
import { BARE_BUTTON } from '../../ui/bareButton';
import { Numeral, Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';
import { faultWords } from './faultWords';
import { drawnCauses, KNOT, ROW, traceLayout } from './threadLayout';

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

/** Shares of the width: faults, then the threads, then causes. */
const FAULTS = 0.31;
const THREADS = 0.15;

const causeWords = (cause: TracedCause, given: string): string =>
  cause.kind === 'given' ? given : probabilityWords(cause.p);

/** "0.91 → ", while findings are left out. */
const wasWords = (before: TracedCause | undefined): string =>
  before ? `${probabilityWords(before.p)} → ` : '';

const moves = wantsStill() ? undefined : 'stroke-width 400ms ease, opacity 250ms ease';

/** Thickness and strength of a thread as styles, for only those can change smoothly. */
const moving = (strokeWidth: number, opacity: number): object => ({
  style: { strokeWidth, opacity, transition: moves },
});

/** Threads from each fault to what it comes from: as thick as it is sure, drawn by kind. */
export function TraceThreads({
  shown,
  actual,
  faults,
  width,
  selected,
  onSelect,
}: TraceThreadsProps) {
  const palette = usePalette();
  const t = useText();
  const [fault, setFault] = useState<string | null>(null);
  const drawn = drawnCauses(shown, actual, selected);
  const layout = traceLayout(faults, drawn);
  const [from, to] = [width * FAULTS, width * (FAULTS + THREADS)];
  const before = (key: string) => actual.causes.find((cause) => cause.key === key);
  const read = (key: string) => {
    setFault(null);
    onSelect(key);
  };
  const strands = layout.causes.flatMap(({ cause, y }) =>
    cause.explains.flatMap((one) => {
      const spot = layout.faults.find(({ key }) => key === one.fault);
      if (!spot) return [];
      const d = strandPath({ x: from, y: spot.y }, { x: to, y });
      return [{ key: `${one.fault}>${cause.key}`, d, cause, fault: one.fault }];
    }),
  );
  const isLit = (cause: TracedCause, key: string) =>
    fault ? fault === key : cause.key === selected;
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
        <Svg
          width={width}
          height={layout.height}
          style={{ position: 'absolute', overflow: 'visible' }}
          aria-hidden
        >
          {strands.map(({ key, d, cause, fault: seen }) => (
            <Path
              key={key}
              d={d}
              fill="none"
              stroke={kindColour(cause.kind, palette)}
              strokeDasharray={kindDash(cause.kind)}
              strokeLinecap={kindDash(cause.kind) ? 'butt' : 'round'}
              {...moving(strandWidth(cause.p), isLit(cause, seen) ? 1 : 0.38)}
            />
          ))}
          {layout.faults
            .filter(
              ({ key }) => !drawn.some((cause) => cause.explains.some((e) => e.fault === key)),
            )
            .map(({ key, y }) => (
              <Path
                key={key}
                d={curlPath({ x: from, y })}
                fill="none"
                stroke={palette.accent}
                strokeWidth={3}
                strokeLinecap="round"
              />
            ))}
          {layout.faults.map(({ key, y }) => (
            <Circle key={key} cx={from} cy={y} r={5} fill={palette.accent} />
          ))}
          {layout.builtY === null ? null : (
            <Path
              d={`M${to} ${layout.builtY}H${width}`}
              stroke={palette.rule}
              strokeWidth={1.5}
              strokeDasharray="10 6"
            />
          )}
        </Svg>
        <StrandHits
          width={width}
          height={layout.height}
          hits={strands.map(({ key, d, cause }) => ({ key, d, onPress: () => read(cause.key) }))}
        />
        {layout.faults.map(({ key, y }) => (
          <button
            key={key}
            type="button"
            aria-label={t('trace.faultSays', { fault: faultWords(key) })}
            aria-pressed={fault === key}
            onClick={() => setFault(fault === key ? null : key)}
            style={{ ...PLAIN, left: 0, top: y - KNOT, width: from - 10 }}
          >
            <Words small bold={fault === key}>
              {faultWords(key)}
            </Words>
          </button>
        ))}
        {layout.causes.map(({ key, cause, y }) => (
          <button
            key={key}
            type="button"
            aria-label={t('trace.causeSays', {
              cause: cause.sentence,
              p: causeWords(cause, t('trace.given')),
            })}
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
                    {wasWords(shown !== actual ? before(key) : undefined)}
                    {probabilityWords(cause.p)}{' '}
                  </Numeral>
                )}
                {t(`trace.kinds.${cause.kind}`)}
              </Words>
            </View>
          </button>
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

const PLAIN = {
  ...BARE_BUTTON,
  position: 'absolute',
  minHeight: ROW - 14,
  gap: 6,
} as const;
