import { isStaggered, PATTERNS, type Pattern } from '@taxikine/core/body/stance/patterns';
import { FIGURE_VIEWS, type FigureView } from '@taxikine/core/body/skeleton/camera';
import type { PostureQuestion } from '@taxikine/core/body/solver/ask';
import { LUMBAR_DEG, type LimitsDeg } from '@taxikine/core/body/solver/limits';
import type { PostureReport } from '@taxikine/core/body/solver/postureReport';
import type { WhatIf } from '@taxikine/core/inference/depth/whatIf';
import type { Side } from '@taxikine/core/foundation/sides/side';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { View } from '@tamagui/core';
import { memo, useCallback, useMemo, useState } from 'react';
import { useFile, useUpdate } from '../../data/useFile';
import { Answers } from './Answers';
import { FitFor } from './FitFor';
import { bindingWords, depthWords, lackWords } from './fitWords';
import { PostureFigure } from './PostureFigure';
import { RangeSliders } from './RangeSliders';
import { SetupSliders } from './SetupSliders';
import { useFitBench, type FitBench } from './useFitBench';
import { useSettled } from './useSettled';
import { useStand, type Stand } from './useStand';
import { FeetInset } from '../../solver/FeetInset';
import type { Prices } from '../../solver/postureApi';
import { roundingWords } from '../../solver/roundingWords';
import { kneesWords, pullWords, weightWords } from '../../solver/standWords';
import type { Found } from '../../solver/useEased';
import { lastOf, useLongAnswer } from '../../solver/useLongAnswer';
import type { Answered } from '../../solver/usePosture';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Section } from '../../ui/layout';
import { Slider } from '../../ui/Slider';
import { Numeral, Title, Words } from '../../ui/text';
import { useRested } from '../../ui/useRested';
import { useWide } from '../../ui/useWide';
import { useText, type TextOf } from '../../words/useText';
import { Header } from '../../frame/Header';
import { Waiting } from '../../frame/Waiting';
import { ours } from '../../words/units';

/** The Fit bench: what this body can reach, what stops it, and which stance fits it. */
export function FitScreen({ clientId, visitId }: { clientId: string; visitId: string | null }) {
  const file = useFile(clientId);
  if (!file.data) return <Waiting error={file.error} onRetry={() => void file.refetch()} />;
  return <Bench file={file.data} visitId={visitId} />;
}

/** What takes a while to work out waits until the hand rests. */
const REST_MS = 250;

function Bench({ file, visitId }: { file: ClientFile; visitId: string | null }) {
  const t = useText();
  const { wide, width } = useWide();
  const bench = useFitBench(file, visitId);
  const [view, setView] = useState<FigureView>('right');
  const [sceneHeight, setSceneHeight] = useState(0);
  const stand = useStand(bench, view);
  const asked = useMemo(
    () => ({ question: bench.question, measured: bench.limits, depthDeg: bench.depthDeg }),
    [bench.question, bench.limits, bench.depthDeg],
  );
  const rested = useRested(asked, REST_MS);
  const { question, measured } = rested;
  const key = useMemo(() => JSON.stringify([question, measured]), [question, measured]);
  const prices = lastOf(
    useLongAnswer(stand.problem ? null : key, (ask) => ask.whatIf(question, measured)),
  );
  const { setPattern, step } = bench;
  const changePattern = useCallback(
    (pattern: Pattern) => {
      setPattern(pattern);
      // A step is read from the side of its front leg.
      if (isStaggered(pattern)) setView(step.front);
    },
    [setPattern, step.front],
  );
  const column = wide ? Math.min(400, (width - 120) / 3) : width - 32;
  const { client } = file;
  const visit = visitId ? (`/visits/${visitId}` as const) : '';
  const scene = (
    <Scene
      stand={stand}
      bench={bench}
      prices={prices}
      view={view}
      width={column}
      wide={wide}
      onHeight={setSceneHeight}
    />
  );
  // What grows behind the held scene is out of sight: the browser keeps what is below it where it is.
  const held = wide ? 0 : sceneHeight;
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header title={t('fit.title')} note={client.name} back={`/clients/${client.id}${visit}`} />
      <View
        render="main"
        flex={1}
        minHeight={0}
        style={{ overflowY: 'auto', scrollPaddingTop: held } as object}
        padding="$4"
        gap="$5"
        $wide={{ padding: '$5', flexDirection: 'row', gap: '$6', alignItems: 'flex-start' }}
      >
        {wide ? null : scene}
        <View gap="$4" width={column} style={wide ? { position: 'sticky', top: 0 } : {}}>
          {wide ? scene : null}
          <ViewPanel
            pattern={bench.pattern}
            onPattern={changePattern}
            view={view}
            onView={setView}
          />
          <DepthPanel stand={stand} bench={bench} />
          <Save stand={stand} bench={bench} file={file} />
        </View>
        <Rested
          stand={stand}
          bench={bench}
          rested={rested}
          gains={prices?.gains ?? null}
          width={column}
        />
        <View gap="$5" width={column}>
          <SetupSliders
            pattern={bench.pattern}
            setup={bench.setup}
            step={bench.step}
            onChange={bench.setSetup}
            onStep={bench.setStep}
          />
          <RangeSliders
            pattern={bench.pattern}
            limits={bench.limits}
            onChange={bench.setRange}
            onLumbar={bench.setLumbar}
          />
        </View>
      </View>
    </View>
  );
}

interface Benched {
  readonly stand: Stand;
  readonly bench: FitBench;
}

/** What was asked when the hand last rested. */
interface RestedQuestion {
  readonly question: PostureQuestion;
  readonly measured: LimitsDeg;
  readonly depthDeg: number | null;
}

interface RestedProps extends Benched {
  readonly rested: RestedQuestion;
  readonly gains: readonly WhatIf[] | null;
  readonly width: number;
}

/** The long answers, to the question as it was when the hand last rested. */
function Rested({ stand, bench, rested, gains, width }: RestedProps) {
  const { question, measured, depthDeg } = rested;
  const settled = useSettled(question, stand.lowest);
  return (
    <View gap="$5" width={width}>
      <Answers
        question={stand.problem ? null : question}
        measured={measured}
        gains={gains}
        seenDeg={bench.seenDeg}
        onSeen={bench.setSeen}
        width={width}
      />
      <FitFor
        question={settled.question}
        depthDeg={depthDeg}
        reachDeg={settled.reachDeg}
        onTake={bench.take}
        width={width}
      />
    </View>
  );
}

interface SceneProps extends Benched {
  readonly prices: Prices | null;
  readonly view: FigureView;
  readonly width: number;
  readonly wide: boolean;
  readonly onHeight: (height: number) => void;
}

/** The answer and the figure; on the phone they stay in sight while the levers are pulled. */
function Scene({ stand, bench, prices, view, width, wide, onHeight }: SceneProps) {
  const t = useText();
  const { shown, against, lowest } = stand;
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
      onLayout={({ nativeEvent }) => onHeight(Math.round(nativeEvent.layout.height))}
    >
      <Reached lowest={lowest} question={bench.question} prices={prices} />
      {shown ? (
        <View position="relative">
          <PostureFigure
            figure={shown.figure}
            posture={shown.target.posture}
            lines={shown.target.lines}
            prints={shown.target.prints}
            pattern={shown.target.question.pattern}
            heightM={shown.target.question.body.heightM}
            against={against?.figure}
            view={view}
            front={shown.target.question.setup.front}
            oneLeg={shown.target.question.setup.oneLeg}
            width={width}
            height={height}
            label={postureWords(shown.target, t)}
          />
          {view === 'above' ? null : (
            <View
              position="absolute"
              bottom={0}
              {...(view === 'left' ? { left: 0 } : { right: 0 })}
            >
              <FeetInset
                prints={shown.target.prints}
                most={wide ? 96 : 68}
                label={t('fit.feet', {
                  words: weightWords(shown.target.posture, t, shown.target.question.setup.oneLeg),
                })}
              />
            </View>
          )}
        </View>
      ) : (
        <View height={height} />
      )}
    </View>
  );
}

interface ViewPanelProps {
  readonly pattern: Pattern;
  readonly onPattern: (pattern: Pattern) => void;
  readonly view: FigureView;
  readonly onView: (view: FigureView) => void;
}

/** Which pattern, and where to look from. */
const ViewPanel = memo(function ViewPanel({ pattern, onPattern, view, onView }: ViewPanelProps) {
  const t = useText();
  return (
    <Section>
      <Choice
        label={t('fit.pattern')}
        hideLabel
        options={PATTERNS.map((value) => ({ value, label: t(`patterns.${value}`) }))}
        value={pattern}
        onChange={onPattern}
      />
      <Choice
        label={t('fit.view')}
        hideLabel
        options={FIGURE_VIEWS.map((value) => ({ value, label: t(`fit.views.${value}`) }))}
        value={view}
        onChange={onView}
      />
    </Section>
  );
});

/** How deep to stand, and what is in the way. */
function DepthPanel({ stand, bench }: Benched) {
  const t = useText();
  const { asked, against, reachDeg, shown } = stand;
  const lumbar = Math.round(shown?.target.posture.lumbarBendDeg ?? 0);
  const hinge = bench.pattern === 'hinge';
  const now = bench.depthDeg ?? (hinge ? -(reachDeg ?? 0) : (reachDeg ?? 0));
  return (
    <View gap="$3">
      <Slider
        label={t(hinge ? 'fit.lean' : 'fit.depth')}
        value={Math.round(now)}
        least={hinge ? 0 : -40}
        most={hinge ? 90 : 80}
        step={1}
        unit="°"
        onChange={bench.setDepth}
      />
      {lumbar > LUMBAR_DEG.neutral ? (
        <Words role="status">{t('fit.rounds', { degrees: lumbar })}</Words>
      ) : null}
      {shown ? (
        <Stands posture={shown.target.posture} oneLeg={shown.target.question.setup.oneLeg} />
      ) : null}
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

interface StandsProps {
  readonly posture: PostureReport;
  readonly oneLeg: Side | undefined;
}

/** What a coach reads off the feet and knees. */
function Stands({ posture, oneLeg }: StandsProps) {
  const t = useText();
  const words = [
    kneesWords(posture, t, oneLeg),
    weightWords(posture, t, oneLeg),
    pullWords(posture, t),
  ];
  return (
    <Words small soft>
      {words.filter(Boolean).join(' ')}
    </Words>
  );
}

interface ReachedProps {
  readonly lowest: Answered | null;
  readonly question: PostureQuestion;
  /** Null while they are worked out. */
  readonly prices: Prices | null;
}

/** The answer in a sentence: how deep, and what stops it. */
function Reached({ lowest, question, prices }: ReachedProps) {
  const t = useText();
  const { pattern, setup } = question;
  if (!lowest) return <Words soft>{t('fit.working')}</Words>;
  if (lowest.status === 'problem')
    return (
      <Title role="alert" color="$accent" fontSize="$4" lineHeight="$4">
        {ours(lowest.message)}
      </Title>
    );
  if (lowest.status === 'blocked') return <Title color="$accent">{t('fit.impossible')}</Title>;
  const stops = bindingWords(lowest.binding, t);
  return (
    <View gap="$1" role="status">
      <Title aria-level={2}>
        {depthWords(lowest.depthDeg, t, pattern, setup.oneLeg)}
        {prices === null ? null : (
          <Numeral color="$soft" fontSize="$4" lineHeight="$4">
            {` ±\u00a0${Math.round(prices.reachErrorDeg)}°`}
          </Numeral>
        )}
      </Title>
      <Words>{stops ? t('fit.stoppedBy', { stops }) : t('fit.nothingStops')}</Words>
      {prices?.rounding ? <Words>{roundingWords(prices.rounding, t, pattern)}</Words> : null}
    </View>
  );
}

function postureWords({ posture, depthDeg, question }: Found, t: TextOf): string {
  const { pattern, setup } = question;
  const leg = isStaggered(pattern) ? undefined : setup.oneLeg;
  const said = {
    depth: depthWords(depthDeg, t, pattern, setup.oneLeg),
    lean: Math.round(posture.trunkLeanDeg),
  };
  const sideOf = (toLeft: number) => t(toLeft >= 0 ? 'left' : 'right');
  if (leg)
    return t('fit.saysOneLeg', {
      ...said,
      aside: Math.abs(Math.round(posture.trunkSideLeanDeg)),
      side: sideOf(posture.trunkSideLeanDeg),
      shin: Math.round(posture.shinLeanDeg[leg]),
      leg: t(leg),
    });
  return t('fit.says', {
    ...said,
    left: Math.round(posture.shinLeanDeg.left),
    right: Math.round(posture.shinLeanDeg.right),
    shift: Math.abs(Math.round(posture.pelvisShiftMm)),
    side: sideOf(posture.pelvisShiftMm),
  });
}

/** Keeps this set-up for the client's next looks and drills. */
function Save({ stand, bench, file }: Benched & { readonly file: ClientFile }) {
  const t = useText();
  const update = useUpdate();
  const save = () =>
    update('clients', file.client, (latest) => ({
      ...latest,
      setups: { ...latest.setups, [bench.pattern]: bench.kept },
    }));
  const saved = JSON.stringify(file.client.setups[bench.pattern]) === JSON.stringify(bench.kept);
  return saved ? (
    <Words role="status" soft>
      {t('fit.saved', { name: file.client.name })}
    </Words>
  ) : (
    <Button kind="main" off={stand.problem !== null} label={t('fit.save')} onPress={save} />
  );
}
