import {
  marksOf,
  type MarkId,
  type Marks,
  type PictureLine,
  type PicturePoint,
} from '@taxikine/core/records/pictures/marks';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import type { ImageRecord } from '@taxikine/core/records/images/imageRecord';
import type { PictureRecord } from '@taxikine/core/records/pictures/pictureRecord';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { laidOver } from '../../data/laidOver';
import { useUpdate } from '../../data/useFile';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Stepper } from '../../ui/Stepper';
import { Words } from '../../ui/text';
import { useText, type TextOf } from '../../words/useText';
import { whenAt } from '../../words/when';
import { base64Of } from './base64';
import { ComparedPictures } from './ComparedPictures';
import { limbLines } from './limbLines';
import { MarkBoard } from './MarkBoard';
import type { Handle } from './handles';
import {
  lineOf,
  middleOf,
  movedTo,
  shownMarks,
  toSet,
  WHOLE,
  type Marking,
  type Mode,
} from './marking';
import { PictureMeasures } from './PictureMeasures';
import { dropPicture, maybeStoredPicture } from '../../data/pictureStore';
import { usePictureImage } from './usePictureImage';

export interface MarkedPictureProps {
  readonly picture: PictureRecord;
  /** Where its marks are offered until they are set. */
  readonly guess: Marks;
  readonly client: ClientRecord;
  /** Pictures from the same view, to lay over this one. */
  readonly others: readonly PictureRecord[];
  readonly width: number;
  readonly height: number;
  readonly wide: boolean;
  readonly onAnother: () => void;
}

/** A line in the picture, to be laid where it belongs. */
const firstLine = ({ width, height }: PictureRecord): PictureLine => ({
  from: [width * 0.86, height * 0.2],
  to: [width * 0.86, height * 0.85],
});

const jointSays = (id: MarkId, t: TextOf): string => {
  const [joint, side] = id.split('-');
  return side ? `${t(side)} ${joint}` : joint;
};

function handlesOf(marking: Marking, mode: Mode, t: TextOf): Handle[] {
  const line = lineOf(marking, mode);
  if (line)
    return [
      { id: 'from', says: t('picture.lineEnd', { n: 1 }), at: line.from },
      { id: 'to', says: t('picture.lineEnd', { n: 2 }), at: line.to },
    ];
  if (mode !== 'joints') return [];
  const marks = shownMarks(marking);
  const open = toSet(marking.picture);
  const joints = marksOf(marking.picture.view).flatMap((id): Handle[] => {
    const at = marks[id];
    if (!at) return [];
    const offered = open.includes(id);
    const says = jointSays(id, t);
    return [{ id, says: offered ? t('picture.offered', { joint: says }) : says, at, offered }];
  });
  const middle = middleOf(joints.map(({ at }) => at));
  return [{ id: WHOLE, says: t('picture.whole'), at: middle, big: true }, ...joints];
}

/** The marking as it stands under the finger, and as it is kept once that is lifted. */
function useMarking(picture: PictureRecord, guess: Marks) {
  const update = useUpdate();
  const [offered, setOffered] = useState(() => ({ guess, line: firstLine(picture) }));
  const [dragged, setDragged] = useState<PictureRecord | null>(null);
  const marking: Marking = { picture: dragged ?? picture, ...offered };
  const save = (next: PictureRecord) => {
    setDragged(null);
    if (next !== picture) update('pictures', picture, (latest) => laidOver(latest, picture, next));
  };
  const move = (mode: Mode, id: string, at: PicturePoint, done: boolean) => {
    const { picture: next, ...rest } = movedTo(marking, mode, id, at);
    setOffered(rest);
    if (done) save(next);
    else setDragged(next);
  };
  return { marking, save, move };
}

/** One picture: its marks, what they measure, and whether it is kept. */
export function MarkedPicture(props: MarkedPictureProps) {
  const { picture, guess, client, others, width, height, wide, onAnother } = props;
  const t = useText();
  const image = usePictureImage(picture);
  const writeImage = useWriteImage();
  const { marking, save, move } = useMarking(picture, guess);
  const shown = marking.picture;
  const left = toSet(shown).length;
  const [mode, setMode] = useState<Mode>('joints');
  const [againstId, setAgainstId] = useState<string | null>(null);
  const whole = others.filter((one) => toSet(one).length === 0);
  const against = whole.find(({ id }) => id === againstId) ?? null;
  const box = {
    width: wide ? Math.min(640, width * 0.5) : width,
    height: wide ? height - 170 : height * 0.52,
  };
  const line = lineOf(marking, mode);
  const lines = line
    ? `M${line.from.join(' ')}L${line.to.join(' ')}`
    : limbLines(shown.view, shownMarks(marking));
  return (
    <View flexDirection={wide ? 'row' : 'column'} gap="$4" padding={wide ? '$4' : 0}>
      {against ? (
        <ComparedPictures picture={shown} against={against} {...box} />
      ) : image.status === 'shown' ? (
        <MarkBoard
          url={image.url}
          label={t('picture.marks')}
          size={[shown.width, shown.height]}
          handles={handlesOf(marking, mode, t)}
          lines={lines}
          boxWidth={box.width}
          boxHeight={box.height}
          onMove={(id, at, done) => move(mode, id, at, done)}
        />
      ) : (
        <View width={box.width} padding="$4">
          <Words soft>
            {t(image.status === 'reading' ? 'picture.reading' : 'picture.elsewhere')}
          </Words>
        </View>
      )}
      <View gap="$4" paddingHorizontal="$4" flex={wide ? 1 : undefined}>
        {against ? null : (
          <FrameChoice marking={marking} mode={mode} onMode={setMode} onSave={save} />
        )}
        {left > 0 ? (
          <Words bold role="status">
            {t('picture.left', { count: left })}
          </Words>
        ) : null}
        <PictureMeasures picture={shown} heightM={client.heightM} against={against} />
        {left === 0 && whole.length > 0 ? (
          <Choice<string | null>
            label={t('picture.compare')}
            options={[
              { value: null, label: t('picture.compareOff') },
              ...whole.map(({ id, phase, takenOn }) => ({
                value: id,
                label: `${t(`phases.${phase}`)}, ${whenAt(takenOn)}`,
              })),
            ]}
            value={againstId}
            onChange={setAgainstId}
          />
        ) : null}
        <Keeping picture={shown} onSave={save} />
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          <Button label={t('picture.another')} onPress={onAnother} />
          <Button
            kind="quiet"
            label={t('picture.remove')}
            onPress={() => {
              // What was kept goes with it: nothing of a removed picture stays on the server.
              if (shown.kept) writeImage(shown, null);
              save({ ...shown, removed: true, kept: false });
              void dropPicture(shown.id);
              onAnother();
            }}
          />
        </View>
      </View>
    </View>
  );
}

/** The image record of a picture, as it is written. */
const imageOf = ({ id, clientId, visitId }: PictureRecord, jpeg: string | null): ImageRecord => ({
  id,
  clientId,
  visitId,
  jpeg,
});

/** Puts an image in the place of the one there was: of images a device keeps none, so there is nothing to start from. */
function useWriteImage(): (picture: PictureRecord, jpeg: string | null) => void {
  const update = useUpdate();
  return (picture, jpeg) => {
    const image = imageOf(picture, jpeg);
    update('images', image, () => image);
  };
}

interface FrameChoiceProps {
  readonly marking: Marking;
  readonly mode: Mode;
  readonly onMode: (mode: Mode) => void;
  readonly onSave: (picture: PictureRecord) => void;
}

const USUAL_CM = 100;

/** What the rings set: joints, a line that is upright, or one whose length is known. */
function FrameChoice({ marking, mode, onMode, onSave }: FrameChoiceProps) {
  const t = useText();
  const { picture } = marking;
  const choose = (next: Mode) => {
    onMode(next);
    if (next === 'plumb' && !picture.plumb) onSave({ ...picture, plumb: firstLine(picture) });
  };
  return (
    <View gap="$2">
      <Choice<Mode>
        label={t('picture.does')}
        options={(['joints', 'plumb', 'length'] as const).map((value) => ({
          value,
          label: t(`picture.modes.${value}`),
        }))}
        value={mode}
        onChange={choose}
      />
      <Words small soft>
        {t(`picture.${mode}How`)}
      </Words>
      {mode === 'length' ? (
        <Stepper
          label={t('picture.cm')}
          value={picture.scale?.cm ?? null}
          from={USUAL_CM}
          unit="cm"
          least={1}
          most={400}
          onChange={(cm) =>
            onSave({ ...picture, scale: { ...(picture.scale ?? marking.line), cm } })
          }
        />
      ) : null}
      {mode === 'joints' ? null : (
        <View flexDirection="row">
          <Button
            kind="quiet"
            tight
            small
            label={t(mode === 'plumb' ? 'picture.plumbOff' : 'picture.lengthOff')}
            onPress={() => {
              onSave({ ...picture, [mode === 'plumb' ? 'plumb' : 'scale']: null });
              onMode('joints');
            }}
          />
        </View>
      )}
    </View>
  );
}

/** The picture stays on the device unless the coach says otherwise; that can be taken back. */
function Keeping({
  picture,
  onSave,
}: {
  picture: PictureRecord;
  onSave: (picture: PictureRecord) => void;
}) {
  const t = useText();
  const writeImage = useWriteImage();
  const { id, imageWrites } = picture;
  const put = (jpeg: string | null, kept: boolean) => {
    writeImage(picture, jpeg);
    onSave({ ...picture, kept, imageWrites: imageWrites + 1 });
  };
  const keep = async () => {
    const stored = await maybeStoredPicture(id);
    if (stored) put(await base64Of(stored), true);
  };
  return (
    <View gap="$1">
      <View flexDirection="row">
        {picture.kept ? (
          <Button label={t('picture.letGo')} onPress={() => put(null, false)} />
        ) : (
          <Button label={t('picture.keep')} onPress={() => void keep()} />
        )}
      </View>
      <Words small soft>
        {t(picture.kept ? 'picture.kept' : 'picture.keepNote')}
      </Words>
    </View>
  );
}
