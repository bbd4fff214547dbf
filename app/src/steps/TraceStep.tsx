import {
  clamp,
  fillSide,
  LIKELY_ENOUGH,
  oneFault,
  probabilityWords,
  shownCauses,
  type MaybeSide,
  type Reason,
  type Trace,
  type TracedCause,
} from '@taxikine/core';
import { View } from '@tamagui/core';
import Svg, { Line, Rect } from 'react-native-svg';
import { useTrace } from '../data/useVisit';
import { KindMark, kindColour } from '../thread/KindMark';
import { strandWidth } from '../thread/strandPath';
import { Button } from '../ui/Button';
import { Numeral, Title, Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { useText } from '../words/useText';
import { DepthShares } from './DepthShares';
import { StepFrame } from './StepFrame';
import type { StepProps } from './StepProps';

const faultWords = (key: string): string => {
  const [fault, side] = key.split('@');
  return fillSide(oneFault(fault).sentence, (side as MaybeSide) ?? null);
};

/** Ranked causes, how sure, and why. */
export function TraceStep({ open, onStep }: StepProps) {
  const t = useText();
  const found = useTrace(open.visit);
  const empty = (open.visit.first?.faults.length ?? 0) + open.visit.checks.length === 0;
  return (
    <StepFrame
      title={t('trace.title')}
      lead={empty ? t('trace.none') : t('trace.lead')}
      foot={
        <Button
          kind="main"
          flex={1}
          label={t('trace.go')}
          off={!found}
          onPress={() => onStep('work')}
        />
      }
    >
      {found ? <Causes found={found} /> : <Words role="alert">{t('trace.impossible')}</Words>}
      <DepthShares visit={open.visit} />
    </StepFrame>
  );
}

function Causes({ found }: { found: Trace }) {
  const t = useText();
  const shown = shownCauses(found);
  const rest = found.causes
    .filter((cause) => !shown.includes(cause) && cause.p >= 0.12)
    .slice(0, 4);
  return (
    <>
      {shown.map((cause) => (
        <CauseCard key={cause.key} cause={cause} />
      ))}
      {rest.length > 0 ? (
        <Words small soft>
          {t('trace.also', {
            list: rest
              .map((cause) => `${cause.sentence.toLowerCase()} (${probabilityWords(cause.p)})`)
              .join(', '),
          })}
        </Words>
      ) : null}
      {found.unexplained.length > 0 ? (
        <Words bold>
          {t('trace.unexplained', { list: found.unexplained.map(faultWords).join(', ') })}
        </Words>
      ) : null}
      <Words tiny soft>
        {t('trace.dbNote')}
      </Words>
    </>
  );
}

function CauseCard({ cause }: { cause: TracedCause }) {
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
      {cause.explains.length > 0 ? (
        <Words small>
          {t('trace.explains')}: {cause.explains.map((one) => faultWords(one.fault)).join(', ')}
        </Words>
      ) : null}
      {cause.because.slice(0, 5).map((reason) => (
        <ReasonBar key={reason.finding} reason={reason} colour={kindColour(cause.kind, palette)} />
      ))}
    </View>
  );
}

const BAR = 110;
const MOST_DB = 15;

/** One finding and its weight: to the right it speaks for, to the left against. */
function ReasonBar({ reason, colour }: { reason: Reason; colour: string }) {
  const t = useText();
  const palette = usePalette();
  const length = clamp(Math.abs(reason.decibans) / MOST_DB, 0.03, 1) * (BAR * 0.72);
  const zero = BAR * 0.25;
  const pro = reason.decibans > 0;
  return (
    <View flexDirection="row" alignItems="center" gap="$2">
      <Words small flex={1}>
        {reason.words}
      </Words>
      <Svg width={BAR} height={16} aria-hidden>
        <Rect
          x={pro ? zero : Math.max(0, zero - length)}
          y={3}
          width={pro ? length : Math.min(zero, length)}
          height={10}
          fill={pro ? colour : 'none'}
          stroke={colour}
          strokeWidth={1.5}
        />
        <Line x1={zero} y1={0} x2={zero} y2={16} stroke={palette.ink} strokeWidth={1} />
      </Svg>
      <Words small soft width={70} textAlign="right">
        {t('trace.db', { value: `${pro ? '+' : '−'}${Math.abs(reason.decibans).toFixed(1)}` })}
      </Words>
    </View>
  );
}
