import { oneFault } from '@taxikine/core/knowledge/faults';
import type { View as LookView } from '@taxikine/core/body/stance/patterns';
import { USUAL_SETUP } from '@taxikine/core/body/stance/setup';
import type { ClientLine } from '@taxikine/core/reading/today/clientLine';
import { maybeLeadingReport } from '@taxikine/core/reading/today/rankOf';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import Svg, { Circle, Path } from 'react-native-svg';
import { LaterFigure } from '../figure/LaterFigure';
import { BARE_BUTTON } from '../ui/bareButton';
import { Title, Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { reportWords } from '../home-plan/reportWords';
import { useText, type TextOf } from '../words/useText';
import { when } from '../words/when';

/** The view from which most of what was seen last can be seen. */
function viewOf({ lastLook }: ClientLine): LookView {
  const frontal = (lastLook?.faults ?? []).filter(
    (fault) => !oneFault(fault.fault).views.includes('side'),
  );
  return frontal.length * 2 > (lastLook?.faults.length ?? 0) ? 'back' : 'side';
}

const leading = ({ reports, looseEnd }: ClientLine) =>
  maybeLeadingReport(reports, looseEnd?.kind === 'blocked');

/** Where a tap leads: pain to the week at home, a visit to its step, all else to the client. */
function targetOf(line: ClientLine): string {
  const { client, looseEnd } = line;
  const first = leading(line);
  if (first && first.kind !== 'refer') return `/clients/${client.id}/home`;
  return looseEnd?.visitId
    ? `/clients/${client.id}/visits/${looseEnd.visitId}`
    : `/clients/${client.id}`;
}

/** What hangs, the gravest said. */
function wordsOf(line: ClientLine, t: TextOf): string {
  const { looseEnd, due } = line;
  const first = leading(line);
  if (first) return reportWords(first, t);
  if (!looseEnd) return '';
  if (looseEnd.kind === 'look-due') return t(`home.due.${due?.why ?? 'fortnight'}`);
  return t(`home.${looseEnd.kind}`, { step: t(`steps.${looseEnd.step}`) });
}

/** "at home 5 of 7, 2 without a word" */
export const weekWords = ({ week }: ClientLine, t: TextOf): string =>
  week
    ? t(week.silent > 0 ? 'home.weekSilent' : 'home.week', {
        done: week.done + week.partly,
        planned: week.planned,
        silent: week.silent,
      })
    : '';

/** A client whose thread hangs loose: the figure, what hangs, and since when. */
export function LooseEndRow({ line }: { line: ClientLine }) {
  const t = useText();
  const palette = usePalette();
  const report = leading(line);
  const since = report?.entry.said ?? line.looseEnd?.since;
  const notes = [since && when(since), weekWords(line, t)].filter(Boolean).join(' · ');
  return (
    <button
      type="button"
      onClick={() => router.push(targetOf(line) as never)}
      style={{
        ...BARE_BUTTON,
        display: 'flex',
        alignItems: 'center',
        gap: 12,
        width: '100%',
        textAlign: 'left',
        borderTop: `1px solid ${palette.rule}`,
        position: 'relative',
        padding: '10px 0',
      }}
    >
      {report ? (
        <View
          position="absolute"
          left={-14}
          top={0}
          bottom={0}
          width={6}
          backgroundColor="$accent"
        />
      ) : null}
      <LaterFigure
        client={line.client}
        setup={line.lastLook?.setup ?? USUAL_SETUP}
        moment={{
          pattern: line.lastPattern ?? 'squat',
          phase: 'bottom',
          faults: line.lastLook?.faults ?? [],
        }}
        view={viewOf(line)}
        width={78}
        height={78}
        label=""
      />
      <View flex={1} minWidth={0}>
        <Title small aria-level={3}>
          {line.client.name}
        </Title>
        <Words bold={Boolean(report)} accent={Boolean(report)}>
          {wordsOf(line, t)}
        </Words>
        <Words small soft>
          {notes}
        </Words>
      </View>
      <LooseCurl broken={line.looseEnd?.kind === 'blocked'} />
    </button>
  );
}

/** A thread that ends in a curl; broken where a clinician has to come first. */
function LooseCurl({ broken }: { broken: boolean }) {
  const palette = usePalette();
  return (
    <Svg width={58} height={50} aria-hidden>
      <Path
        d="M0 30H22C44 30 50 8 36 8C27 8 27 19 35 20"
        fill="none"
        stroke={broken ? palette.ink : palette.accent}
        strokeWidth={4}
        strokeLinecap="round"
        strokeDasharray={broken ? '3 8' : undefined}
      />
      <Circle cx={8} cy={30} r={7} fill={palette.paper} stroke={palette.ink} strokeWidth={2.5} />
    </Svg>
  );
}
