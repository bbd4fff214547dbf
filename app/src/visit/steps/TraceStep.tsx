import { faultKey } from '@taxikine/core/knowledge/keys';
import { rivalsOf } from '@taxikine/core/planning/asking/rivals';
import type { Trace } from '@taxikine/core/inference/trace/trace';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { SaveCase } from '../trace/SaveCase';
import { ApproachSheet } from '../trace/ApproachSheet';
import { CauseActions } from '../trace/CauseActions';
import { CauseCard } from '../trace/CauseCard';
import { Disagreements } from '../trace/Disagreements';
import { faultWords } from '../trace/faultWords';
import { IgnoredList } from '../trace/IgnoredList';
import { Learned } from '../trace/Learned';
import { LessLikely } from '../trace/LessLikely';
import { TraceThreads } from '../trace/TraceThreads';
import { useNextChecks } from '../trace/useNextChecks';
import { useReasons } from '../trace/useReasons';
import { useTraceView, type TraceView } from '../trace/useTraceView';
import { WhatIfPanel } from '../trace/WhatIfPanel';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { CareStrip } from './CareStrip';
import { DepthShares } from './DepthShares';
import { StepFrame } from '../../ui/StepFrame';
import type { StepProps } from './StepProps';

/** Width that the frame of a step takes for itself; at a desk the threads take half of the rest. */
const FRAME = { phone: 26, desk: 52 } as const;
const DESK = 1210;
const BETWEEN = 40;

/** Threads from what was seen to what it comes from, and whatever is asked of them. */
export function TraceStep({ open, onStep, width, wide }: StepProps) {
  const t = useText();
  const { visit } = open;
  const view = useTraceView(visit);
  const empty = (visit.first?.faults.length ?? 0) + visit.checks.length === 0;
  return (
    <StepFrame
      roomy
      title={t('trace.title')}
      lead={empty ? t('trace.none') : t('trace.lead')}
      foot={
        <Button
          kind="main"
          flex={1}
          label={t('trace.go')}
          off={!view.actual}
          onPress={() => onStep('work')}
        />
      }
    >
      <CareStrip visit={visit} />
      {view.actual && view.shown ? (
        <Traced
          visit={visit}
          view={view}
          actual={view.actual}
          shown={view.shown}
          width={wide ? Math.min(width - FRAME.desk, DESK) : width - FRAME.phone}
          wide={wide}
        />
      ) : (
        <Words role="alert">{t('trace.impossible')}</Words>
      )}
      <DepthShares visit={visit} />
    </StepFrame>
  );
}

interface TracedProps {
  readonly visit: VisitFile;
  readonly view: TraceView;
  readonly actual: Trace;
  readonly shown: Trace;
  readonly width: number;
  readonly wide: boolean;
}

const faultKeys = ({ first }: VisitFile): string[] => [
  ...new Set((first?.faults ?? []).map(faultKey)),
];

function Traced({ visit, view, actual, shown, width, wide }: TracedProps) {
  const t = useText();
  const next = useNextChecks(visit);
  const why = useReasons(view.file);
  const [exploring, setExploring] = useState(false);
  const [approaching, setApproaching] = useState(false);
  const half = wide ? (width - BETWEEN) / 2 : width;
  const cause = shown.causes.find(({ key }) => key === view.selected);
  const more = (
    <>
      <LessLikely shown={shown} actual={actual} selected={view.selected} onSelect={view.select} />
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {exploring ? null : (
          <Button label={t('trace.ifNot.open')} tight onPress={() => setExploring(true)} />
        )}
        <Button label={t('trace.approach.open')} tight onPress={() => setApproaching(true)} />
        <SaveCase visit={visit} />
      </View>
    </>
  );
  return (
    <>
      <IgnoredList ignored={actual.ignored} />
      <View gap="$4" $wide={{ flexDirection: 'row', gap: BETWEEN }}>
        <View gap="$4" width={half}>
          <TraceThreads
            shown={shown}
            actual={actual}
            faults={faultKeys(visit).filter((key) => !view.left.has(`fault:${key}`))}
            width={half}
            selected={view.selected}
            onSelect={view.select}
          />
          {shown.unexplained.length > 0 ? (
            <Words bold>
              {t('trace.unexplained', { list: shown.unexplained.map(faultWords).join(', ') })}
            </Words>
          ) : null}
          {exploring ? <WhatIfPanel {...view} onClose={() => setExploring(false)} /> : null}
          {wide ? more : null}
        </View>
        <View $wide={{ flex: 1 }}>
          {cause ? (
            <CauseCard
              cause={cause}
              why={why?.get(cause.key) ?? null}
              rivals={rivalsOf(shown, cause, next?.ranked ?? [])}
              actions={exploring ? undefined : <CauseActions cause={cause} visit={visit.visit} />}
            />
          ) : null}
        </View>
      </View>
      {wide ? null : more}
      {approaching ? (
        <ApproachSheet visit={visit} found={actual} onClose={() => setApproaching(false)} />
      ) : null}
      <Learned lessons={visit.lessons} />
      <Disagreements visit={visit} found={actual} />
      <Words tiny soft>
        {t('trace.dbNote')}
      </Words>
    </>
  );
}
