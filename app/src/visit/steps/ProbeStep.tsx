import { oneFault } from '@taxikine/core/knowledge/faults';
import {
  oneProbe,
  PROBES,
  type ProbeId,
  type ProbeOutcome,
  type ProbeRow,
} from '@taxikine/core/knowledge/probes';
import { maybeAgainstProbe } from '@taxikine/core/inference/safety/againstAsking';
import type { SeenFault } from '@taxikine/core/records/case/caseFile';
import { changesSomething } from '@taxikine/core/planning/asking/candidates';
import type { NextCheck } from '@taxikine/core/planning/asking/nextChecks';
import { careFor } from '@taxikine/core/inference/case/careFor';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import type { ProbeRecord } from '@taxikine/core/records/probes/probeRecord';
import { suspectSide } from '@taxikine/core/inference/visit/suspectSide';
import { SIDES, type Side } from '@taxikine/core/foundation/sides/side';
import { suspectProbes } from '@taxikine/core/reading/visit/suspects';
import { faultKey } from '@taxikine/core/knowledge/keys';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { View } from '@tamagui/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useUpdate } from '../../data/useFile';
import { NextStrip } from '../trace/NextStrip';
import { useNextChecks } from '../trace/useNextChecks';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { CareStrip } from './CareStrip';
import { setupWords } from './setupWords';
import { StepFrame } from '../../ui/StepFrame';
import type { StepProps } from './StepProps';
import { ours } from '../../words/units';
import { NOTHING_TRIED } from '@taxikine/core/records/probes/nothingTried';

const OUTCOMES: readonly ProbeOutcome[] = ['better', 'same', 'worse'];

const newProbe = (probe: ProbeId, look: LookRecord, side: Side): ProbeRecord => ({
  ...NOTHING_TRIED,
  id: crypto.randomUUID(),
  clientId: look.clientId,
  visitId: look.visitId,
  probe,
  setup: PROBES.find((row) => row.id === probe)!.change(look.setup, side),
  doneOn: new Date().toISOString(),
});

const outcomeOf = (record: ProbeRecord | undefined, fault: SeenFault): ProbeOutcome | undefined =>
  record?.outcomes.find((one) => one.fault === fault.fault && one.side === (fault.side ?? null))
    ?.outcome;

/** Puts one outcome into a probe; the same again takes it out. */
function withOutcome(record: ProbeRecord, fault: SeenFault, outcome: ProbeOutcome): ProbeRecord {
  const side = fault.side ?? null;
  const rest = record.outcomes.filter((one) => one.fault !== fault.fault || one.side !== side);
  const outcomes =
    outcomeOf(record, fault) === outcome ? rest : [...rest, { fault: fault.fault, side, outcome }];
  return { ...record, outcomes, removed: outcomes.length === 0 };
}

/** Probes in two lists: those that can tell something about what was seen, and all others. */
function useProbeLists({ first, probes }: VisitFile) {
  return useMemo(() => {
    if (!first) return { suspect: [], others: [] };
    const done = new Set<string>(probes.map(({ probe }) => probe));
    const rows: readonly ProbeRow[] = PROBES.filter(
      (row) => changesSomething(row, first.setup) || done.has(row.id),
    );
    const asked: readonly string[] = suspectProbes(first);
    const isShown = ({ id }: ProbeRow) =>
      asked.length === 0 || asked.includes(id) || probes.some(({ probe }) => probe === id);
    const place = ({ id }: ProbeRow) => (asked.includes(id) ? asked.indexOf(id) : asked.length);
    return {
      suspect: rows.filter(isShown).sort((a, b) => place(a) - place(b)),
      others: rows.filter((row) => !isShown(row)),
    };
  }, [first, probes]);
}

/** Change one thing and look again: better, same or worse, for each fault that was seen. */
export function ProbeStep({ open, onStep }: StepProps) {
  const t = useText();
  const { first } = open.visit;
  const faults = first?.faults ?? [];
  const { suspect, others } = useProbeLists(open.visit);
  const [all, setAll] = useState(false);
  const [tried, setTried] = useState<ProbeId | null>(null);
  const next = useNextChecks(open.visit);
  const most = next?.ranked.find((one) => 'probe' in one);
  const take = (one: NextCheck) => {
    if (!('probe' in one)) return;
    setTried(one.probe);
    if (others.some(({ id }) => id === one.probe)) setAll(true);
  };
  const cards = (rows: readonly ProbeRow[]) =>
    rows.map((row) => (
      <ProbeCard
        key={row.id}
        probe={row.id as ProbeId}
        visit={open.visit}
        look={first!}
        called={tried === row.id}
      />
    ));
  return (
    <StepFrame
      title={t('probe.title')}
      lead={faults.length > 0 ? t('probe.lead') : t('probe.noFaults')}
      foot={<Button kind="main" flex={1} label={t('probe.go')} onPress={() => onStep('check')} />}
    >
      <CareStrip visit={open.visit} />
      {faults.length > 0 ? (
        <NextStrip next={most} enough={false} action={t('guide.try')} onTake={take} />
      ) : null}
      {faults.length > 0 ? cards(suspect) : null}
      {faults.length > 0 && others.length > 0 && !all ? (
        <Button
          kind="quiet"
          label={t('probe.others', { count: others.length })}
          onPress={() => setAll(true)}
        />
      ) : null}
      {faults.length > 0 && all ? cards(others) : null}
    </StepFrame>
  );
}

interface ProbeCardProps {
  readonly probe: ProbeId;
  readonly visit: VisitFile;
  readonly look: LookRecord;
  /** Asked for from elsewhere: opened, and brought into sight. */
  readonly called: boolean;
}

function ProbeCard({ probe, visit, look, called }: ProbeCardProps) {
  const t = useText();
  const update = useUpdate();
  const row: ProbeRow = oneProbe(probe);
  const [chosen, setChosen] = useState<Side>(() => suspectSide(look));
  const record = visit.probes.find((one) => one.probe === probe);
  // One record a card, however fast it is tapped before the first tap is drawn.
  const [fresh] = useState(() => newProbe(probe, look, chosen));
  const side = record?.setup.oneHeelUp ?? chosen;
  const [tapped, setTapped] = useState(Boolean(record));
  const opened = tapped || called;
  const against = maybeAgainstProbe(probe, row.sided ? side : null, careFor(visit));
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (called) place.current?.scrollIntoView({ block: 'nearest' });
  }, [called]);
  const begun = (latest: ProbeRecord): ProbeRecord => ({
    ...latest,
    setup: row.change(look.setup, side),
    doneOn: new Date().toISOString(),
  });
  const log = (fault: SeenFault, outcome: ProbeOutcome) =>
    update('probes', record ?? fresh, (latest) =>
      withOutcome(record ? latest : begun(latest), fault, outcome),
    );
  const moveTo = (next: Side) => {
    setChosen(next);
    if (record)
      update('probes', record, (latest) => ({ ...latest, setup: row.change(look.setup, next) }));
  };
  return (
    <View borderTopWidth={1} borderColor="$rule" paddingTop="$3" gap="$2" ref={place as never}>
      <View flexDirection="row" justifyContent="space-between" alignItems="center" gap="$3">
        <View flex={1}>
          <Title small aria-level={3}>
            {row.name}
          </Title>
          <Words small soft>
            {ours(row.say)}
          </Words>
          {against ? (
            <Words small accent role="note">
              {t('guide.leaveOut', { why: against })}
            </Words>
          ) : null}
        </View>
        {opened ? null : (
          <Button
            label={t('probe.undone')}
            says={`${row.name}: ${t('probe.undone')}`}
            tight
            small
            onPress={() => setTapped(true)}
          />
        )}
      </View>
      {opened ? (
        <>
          <Words tiny soft>
            {t('probe.setup', { setup: setupWords(row.change(look.setup, side), t) })}
          </Words>
          {row.sided ? (
            <Choice
              label={`${row.name} · ${t('probe.which')}`}
              options={SIDES.map((value) => ({ value, label: t(value) }))}
              value={side}
              onChange={moveTo}
            />
          ) : null}
          {look.faults.map((fault) => (
            <Choice
              key={faultKey(fault)}
              label={`${row.name} · ${fillSide(oneFault(fault.fault).sentence, fault.side)}`}
              options={OUTCOMES.map((value) => ({ value, label: t(`probe.${value}`) }))}
              value={outcomeOf(record, fault)}
              onChange={(outcome) => log(fault, outcome)}
            />
          ))}
        </>
      ) : null}
    </View>
  );
}
