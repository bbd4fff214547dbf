import { FIGURE_VIEWS, type ClientFile, type FigureView, type PostureReport } from '@taxikine/core';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useFile, useWrite } from '../data/useFile';
import { Answers } from '../fit/Answers';
import { FitFor } from '../fit/FitFor';
import { bindingWords, depthWords, lackWords } from '../fit/fitWords';
import { PostureFigure, type Drawable } from '../fit/PostureFigure';
import { RangeSliders } from '../fit/RangeSliders';
import { SetupSliders } from '../fit/SetupSliders';
import { useFitBench, type FitBench } from '../fit/useFitBench';
import type { Reach } from '../solver/postureApi';
import { usePosture, type Answered } from '../solver/usePosture';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Slider } from '../ui/Slider';
import { Title, Words } from '../ui/text';
import { useWide } from '../ui/useWide';
import { useText } from '../words/useText';
import { Header } from './Header';
import { Waiting } from './Waiting';

/** The Fit bench: what this body can reach, what stops it, and which stance fits it. */
export function FitScreen({ clientId, visitId }: { clientId: string; visitId: string | null }) {
  const file = useFile(clientId);
  if (!file.data) return <Waiting error={file.error} onRetry={() => void file.refetch()} />;
  return <Bench file={file.data} visitId={visitId} />;
}

type Found = Extract<Answered, { status: 'found' }>;

const meanThigh = ({ thighDeg }: PostureReport): number => (thighDeg.left + thighDeg.right) / 2;

/** The last posture that could be drawn, so that the figure stays while the next one is sought. */
function useLastFound(reach: Answered | null): Found | null {
  const [last, setLast] = useState<Found | null>(null);
  if (reach?.status === 'found' && reach !== last) setLast(reach);
  return last;
}

function Bench({ file, visitId }: { file: ClientFile; visitId: string | null }) {
  const t = useText();
  const { wide, width } = useWide();
  const bench = useFitBench(file, visitId);
  const [view, setView] = useState<FigureView>('right');
  const stand = useStand(bench);
  const column = wide ? Math.min(400, (width - 120) / 3) : width - 32;
  const { client } = file;
  const visit = visitId ? (`/visits/${visitId}` as const) : '';
  const scene = <Scene stand={stand} bench={bench} view={view} width={column} wide={wide} />;
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header title={t('fit.title')} note={client.name} back={`/clients/${client.id}${visit}`} />
      <View
        render="main"
        flex={1}
        minHeight={0}
        style={{ overflowY: 'auto' }}
        padding="$4"
        gap="$5"
        $wide={{ padding: '$5', flexDirection: 'row', gap: '$6', alignItems: 'flex-start' }}
      >
        {wide ? null : scene}
        <View gap="$4" width={column}>
          {wide ? scene : null}
          <DepthPanel stand={stand} bench={bench} view={view} onView={setView} />
          <Save bench={bench} file={file} />
        </View>
        <View gap="$5" width={column}>
          <Answers bench={bench} width={column} />
          <FitFor bench={bench} reachDeg={stand.reachDeg} width={column} />
        </View>
        <View gap="$5" width={column}>
          <SetupSliders setup={bench.setup} onChange={bench.setSetup} />
          <RangeSliders limits={bench.limits} onChange={bench.setRange} />
        </View>
      </View>
    </View>
  );
}

/** What the body reaches, how it stands at the asked depth, and how it would at the seen one. */
function useStand(bench: FitBench) {
  const { question, depthDeg, seenDeg, problem } = bench;
  const asking = problem ? null : question;
  const lowest = usePosture(asking, null);
  const asked = usePosture(depthDeg === null ? null : asking, depthDeg);
  const seen = usePosture(seenDeg === null ? null : asking, seenDeg);
  const drawn = useLastFound(depthDeg === null ? lowest : asked);
  const against: Drawable | null = seen?.status === 'found' ? seen : null;
  const reachDeg = lowest?.status === 'found' ? meanThigh(lowest.posture) : null;
  return { lowest, asked, drawn, against, reachDeg };
}

type Stand = ReturnType<typeof useStand>;

interface SceneProps {
  readonly stand: Stand;
  readonly bench: FitBench;
  readonly view: FigureView;
  readonly width: number;
  readonly wide: boolean;
}

/** The answer and the figure; on the phone they stay in sight while the levers are pulled. */
function Scene({ stand, bench, view, width, wide }: SceneProps) {
  const t = useText();
  const { drawn, against, lowest, reachDeg } = stand;
  const height = wide ? 360 : 215;
  const held = wide ? {} : ({ position: 'sticky', top: -16 } as object);
  return (
    <View
      backgroundColor="$paper"
      zIndex={2}
      gap="$2"
      paddingTop={wide ? 0 : '$3'}
      marginTop={wide ? 0 : -12}
      borderBottomWidth={wide ? 0 : 1}
      borderColor="$rule"
      style={held}
    >
      <Reached lowest={lowest} reachDeg={reachDeg} problem={bench.problem} />
      {drawn ? (
        <PostureFigure
          shown={drawn}
          posture={drawn.posture}
          against={against}
          view={view}
          width={width}
          height={height}
          label={postureWords(drawn.posture, t)}
        />
      ) : (
        <View height={height} />
      )}
    </View>
  );
}

interface DepthPanelProps {
  readonly stand: Stand;
  readonly bench: FitBench;
  readonly view: FigureView;
  readonly onView: (view: FigureView) => void;
}

/** Where to look from, and how deep to stand. */
function DepthPanel({ stand, bench, view, onView }: DepthPanelProps) {
  const t = useText();
  const { asked, against, reachDeg } = stand;
  return (
    <View gap="$3">
      <Choice
        label={t('fit.view')}
        hideLabel
        options={FIGURE_VIEWS.map((value) => ({ value, label: t(`fit.views.${value}`) }))}
        value={view}
        onChange={onView}
      />
      <Slider
        label={t('fit.depth')}
        value={Math.round(bench.depthDeg ?? reachDeg ?? 0)}
        least={-40}
        most={80}
        step={1}
        unit="°"
        onChange={bench.setDepth}
      />
      {asked?.status === 'blocked' ? (
        <Words accent role="status">
          {t('fit.outOfReach')}{' '}
          {asked.lacks
            .slice(0, 3)
            .map((lack) => lackWords(lack, t))
            .join(', ')}
        </Words>
      ) : null}
      {bench.depthDeg === null ? null : (
        <Button kind="quiet" label={t('fit.deepest')} onPress={() => bench.setDepth(null)} />
      )}
      {against ? (
        <Words small soft>
          {t('fit.shadow', { degrees: bench.seenDeg })}
        </Words>
      ) : null}
    </View>
  );
}

/** The answer in a sentence: how deep, and what stops it. */
function Reached({
  lowest,
  reachDeg,
  problem,
}: {
  lowest: Reach | null;
  reachDeg: number | null;
  problem: string | null;
}) {
  const t = useText();
  if (problem)
    return (
      <Title role="alert" color="$accent" fontSize="$4" lineHeight="$4">
        {problem}
      </Title>
    );
  if (!lowest) return <Words soft>{t('fit.working')}</Words>;
  if (lowest.status === 'blocked' || reachDeg === null)
    return <Title color="$accent">{t('fit.impossible')}</Title>;
  const stops = bindingWords(lowest.binding, t);
  return (
    <View gap="$1" role="status">
      <Title aria-level={2}>{depthWords(reachDeg, t)}</Title>
      <Words>{stops ? t('fit.stoppedBy', { stops }) : t('fit.nothingStops')}</Words>
    </View>
  );
}

const postureWords = (posture: PostureReport, t: ReturnType<typeof useText>): string =>
  t('fit.says', {
    depth: depthWords(meanThigh(posture), t),
    lean: Math.round(posture.trunkLeanDeg),
    left: Math.round(posture.shinLeanDeg.left),
    right: Math.round(posture.shinLeanDeg.right),
    shift: Math.abs(Math.round(posture.pelvisShiftMm)),
    side: posture.pelvisShiftMm >= 0 ? t('left') : t('right'),
  });

/** Keeps this set-up for the client's next looks and drills. */
function Save({ bench, file }: { bench: FitBench; file: ClientFile }) {
  const t = useText();
  const write = useWrite();
  const saved = JSON.stringify(file.client.setup) === JSON.stringify(bench.setup);
  return saved ? (
    <Words role="status" soft>
      {t('fit.saved', { name: file.client.name })}
    </Words>
  ) : (
    <Button
      kind="main"
      off={bench.problem !== null}
      label={t('fit.save')}
      onPress={() => write('clients', { ...file.client, setup: bench.setup })}
    />
  );
}
