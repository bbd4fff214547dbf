import { CHECKS, oneCheck, type CheckId, type CheckRow } from '@taxikine/core/knowledge/checks';
import { maybeAgainstCheck } from '@taxikine/core/inference/safety/againstAsking';
import type { CareFor } from '@taxikine/core/inference/safety/careOf';
import { SIDES } from '@taxikine/core/foundation/sides/side';
import type { NextCheck } from '@taxikine/core/planning/asking/nextChecks';
import { careFor } from '@taxikine/core/inference/case/careFor';
import { suspectChecks } from '@taxikine/core/reading/visit/suspects';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { NextStrip } from '../trace/NextStrip';
import { nextName } from '../trace/nextWords';
import { useNextChecks } from '../trace/useNextChecks';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { CheckCard } from '../check/CheckCard';
import { CareStrip } from './CareStrip';
import { StepFrame } from '../../ui/StepFrame';
import type { StepProps } from './StepProps';

const table: readonly CheckRow[] = CHECKS;

/** Something speaks against it wherever it could be taken. */
const isAgainstAll = ({ id, sided }: CheckRow, known: CareFor): boolean =>
  (sided ? SIDES : [null]).every((side) => maybeAgainstCheck(id as CheckId, side, known) !== null);

/** Checks in two lists: those that can find a cause of what was seen, and all others. */
function useCheckLists({ first }: VisitFile, done: ReadonlySet<string>) {
  return useMemo(() => {
    const asked: readonly string[] = first ? suspectChecks(first) : [];
    const suspect = asked.map((id) => oneCheck(id));
    const others = table.filter((row) => !asked.includes(row.id));
    const measured = others.filter((row) => done.has(row.id));
    // Nothing seen yet, nothing to choose by: then all are in the one list.
    return suspect.length === 0
      ? { suspect: [...table], others: [] }
      : { suspect: [...suspect, ...measured], others: others.filter((row) => !done.has(row.id)) };
  }, [first, done]);
}

/** Each suspect joint, one at a time, both sides. */
export function CheckStep({ open, onStep, width }: StepProps) {
  const t = useText();
  const { visit } = open;
  const done = useMemo(
    () =>
      new Set(visit.checks.filter((one) => one.role === 'first').map((one) => one.check as string)),
    [visit.checks],
  );
  const { suspect, others } = useCheckLists(visit, done);
  const known = useMemo(() => careFor(visit), [visit]);
  const isLeftOut = (row: CheckRow) => isAgainstAll(row, known);
  const [opened, setOpened] = useState<string | null>(
    suspect.find((row) => !done.has(row.id) && !isLeftOut(row))?.id ?? null,
  );
  const [all, setAll] = useState(false);
  const next = useNextChecks(visit);
  const most = next?.ranked.find((one) => 'check' in one);
  const take = (one: NextCheck) => {
    if (!('check' in one)) return;
    setOpened(one.check);
    if (others.some(({ id }) => id === one.check)) setAll(true);
  };
  const lines = (rows: readonly CheckRow[]) =>
    rows.map((row) => (
      <CheckLine
        key={row.id}
        row={row}
        visit={visit}
        width={width - 40}
        state={done.has(row.id) ? 'measured' : isLeftOut(row) ? 'leaveOut' : null}
        opened={opened === row.id}
        next={
          opened === row.id && most && 'check' in most && most.check !== row.id ? most : undefined
        }
        onNext={take}
        onToggle={() => setOpened(opened === row.id ? null : row.id)}
      />
    ));
  return (
    <StepFrame
      title={t('check.title')}
      lead={t(others.length > 0 ? 'check.leadSuspect' : 'check.lead')}
      foot={<Button kind="main" flex={1} label={t('check.go')} onPress={() => onStep('trace')} />}
    >
      <CareStrip visit={visit} />
      <NextStrip
        next={most}
        enough={next?.enough ?? false}
        action={t('guide.take')}
        onTake={take}
      />
      {lines(suspect)}
      {others.length > 0 && !all ? (
        <Button
          kind="quiet"
          label={t('check.others', { count: others.length })}
          onPress={() => setAll(true)}
        />
      ) : null}
      {all ? lines(others) : null}
    </StepFrame>
  );
}

interface CheckLineProps {
  readonly row: CheckRow;
  readonly visit: VisitFile;
  readonly width: number;
  readonly state: 'measured' | 'leaveOut' | null;
  readonly opened: boolean;
  /** What to take after this one. */
  readonly next: NextCheck | undefined;
  readonly onNext: (next: NextCheck) => void;
  readonly onToggle: () => void;
}

/** One check, closed or open. */
function CheckLine({ row, visit, width, state, opened, next, onNext, onToggle }: CheckLineProps) {
  const t = useText();
  const place = useRef<HTMLDivElement>(null);
  const wasOpened = useRef(opened);
  useEffect(() => {
    if (opened && !wasOpened.current) place.current?.scrollIntoView({ block: 'start' });
    wasOpened.current = opened;
  }, [opened]);
  return (
    <View borderTopWidth={1} borderColor="$rule" paddingTop="$2" gap="$2" ref={place as never}>
      <button
        type="button"
        aria-expanded={opened}
        onClick={onToggle}
        style={{
          background: 'transparent',
          border: 'none',
          padding: 0,
          minHeight: 48,
          textAlign: 'left',
          cursor: 'pointer',
          display: 'flex',
          justifyContent: 'space-between',
          alignItems: 'center',
          gap: 12,
          width: '100%',
        }}
      >
        <Title small aria-level={3}>
          {row.name}
        </Title>
        <Words small soft>
          {state ? t(`check.${state}`) : ''}
        </Words>
      </button>
      {opened ? <CheckCard row={row} visit={visit} role="first" width={width} /> : null}
      {next ? (
        <Button label={t('guide.next', { name: nextName(next, t) })} onPress={() => onNext(next)} />
      ) : null}
    </View>
  );
}
