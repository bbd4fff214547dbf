import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import type { Curve } from '@taxikine/core/media/recording/curves';
import { measureLines } from '@taxikine/core/media/recording/measuresTable';
import { isSideView } from '@taxikine/core/media/recording/upright';
import { View } from '@tamagui/core';
import Papa from 'papaparse';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Section } from '../../ui/layout';
import { Slider } from '../../ui/Slider';
import { Title, Words } from '../../ui/text';
import { useText, type TextOf } from '../../words/useText';
import { CurveChart } from './CurveChart';
import { HipPath } from './HipPath';
import { MeasureList } from './MeasureList';
import { PointFigure } from './PointFigure';
import { Proposals } from './Proposals';
import type { Shown } from './recordingApi';
import { saveFile } from '../../data/saveFile';

export interface ShownRecordingProps {
  readonly shown: Shown;
  readonly look: LookRecord;
  readonly onLook: (change: (look: LookRecord) => LookRecord) => void;
  readonly onAnother: () => void;
  /** Keeps the measures with the look, and the points on this device; null once that is done. */
  readonly onKeep: (() => void) | null;
  readonly width: number;
  readonly wide: boolean;
}

/** "Left thigh above level" */
function nameOf({ measure, side }: Curve, t: TextOf): string {
  const name = `${side ? `${t(side)} ` : ''}${t(`recording.names.${measure}`)}`;
  return name[0].toUpperCase() + name.slice(1);
}

/** A measured recording: the body at any moment, what is proposed, the measures and their curves. */
export function ShownRecording(props: ShownRecordingProps) {
  const { shown, look, onLook, width, wide } = props;
  const t = useText();
  const { analysis, curves } = shown;
  const column = wide ? Math.min(420, (width - 96) / 3) : width - 32;
  const ends = [t('recording.stands'), t('phases.bottom'), t('recording.stands')] as const;
  return (
    <View
      gap="$5"
      padding="$4"
      flexDirection={wide ? 'row' : 'column'}
      alignItems={wide ? 'flex-start' : 'stretch'}
    >
      <View gap="$3" width={column}>
        <Title aria-level={2}>
          {t('recording.summary', {
            count: analysis.repetitions.length,
            view: t(`recording.from.${analysis.view}`),
          })}
        </Title>
        <Words small soft>
          {t('recording.details', {
            seconds: analysis.seconds.toFixed(0),
            rate: analysis.framesPerSecond.toFixed(0),
            roll: Math.abs(analysis.rollDeg).toFixed(0),
          })}
        </Words>
        {analysis.notes.map((note) => (
          <Words key={note} small soft>
            {note}
          </Words>
        ))}
        <Scrub shown={shown} width={column} height={wide ? 360 : 260} />
        {wide ? <Keep {...props} /> : null}
      </View>
      <View gap="$5" width={column}>
        {analysis.repetitions.length === 0 ? (
          <Words role="status">{t('recording.noRepetitions')}</Words>
        ) : (
          <Proposals proposals={analysis.proposals} look={look} onLook={onLook} />
        )}
        <MeasureList measures={analysis.measures} lacking={analysis.notMeasured} />
        {wide ? null : <Keep {...props} />}
      </View>
      <View gap="$4" width={column}>
        <Title small aria-level={2}>
          {t('recording.curves')}
        </Title>
        <Words small soft>
          {t(isSideView(analysis.view) ? 'recording.curvesHint' : 'recording.curvesHintFront')}
        </Words>
        {curves.map((curve) => (
          <Section key={`${curve.measure}${curve.side}`}>
            <Words bold>{nameOf(curve, t)}</Words>
            <CurveChart curve={curve} width={column} ends={ends} label={nameOf(curve, t)} />
          </Section>
        ))}
      </View>
    </View>
  );
}

/** The body at one moment, and the path of the hips to pull along. */
function Scrub({ shown, width, height }: { shown: Shown; width: number; height: number }) {
  const t = useText();
  const { analysis, rate } = shown;
  const [first] = analysis.repetitions;
  const tenths = Math.floor(analysis.seconds * 10);
  const began = first ? Math.round(first.bottom * 10) : 0;
  const [at, setAt] = useState(began);
  const step = Math.min(shown.height.length - 1, Math.round((at / 10) * rate));
  const moment = t('recording.moment', { seconds: (at / 10).toFixed(1) });
  return (
    <View gap="$2">
      <PointFigure shown={shown} step={step} width={width} height={height} label={moment} />
      <HipPath
        height={shown.height}
        rate={rate}
        repetitions={analysis.repetitions}
        at={at / 10}
        width={width}
        label={t('recording.path', { count: analysis.repetitions.length })}
      />
      <Slider
        label={t('recording.scrub')}
        value={at}
        least={0}
        most={tenths}
        step={1}
        unit=""
        word={`${(at / 10).toFixed(1)} s`}
        onChange={setAt}
      />
    </View>
  );
}

/** What can be kept of it, and the way to another one. */
function Keep({ shown, onAnother, onKeep }: ShownRecordingProps) {
  const t = useText();
  const { analysis, document } = shown;
  return (
    <View gap="$2">
      <Button
        label={t(onKeep ? 'recording.keep' : 'recording.keptNow')}
        off={!onKeep}
        onPress={() => onKeep?.()}
      />
      <Button
        label={t('recording.saveMeasures')}
        onPress={() =>
          saveFile('measures.csv', 'text/csv', Papa.unparse(measureLines(analysis.measures)))
        }
      />
      {document ? (
        <Button
          label={t('recording.saveRecording')}
          onPress={() => saveFile('recording.json', 'application/json', document)}
        />
      ) : null}
      <Button kind="quiet" label={t('recording.another')} onPress={onAnother} />
    </View>
  );
}
