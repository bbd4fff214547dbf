import { pictureMeasures, type PictureMeasure } from '@taxikine/core/media/picture/pictureMeasures';
import type { PictureRecord } from '@taxikine/core/records/pictures/pictureRecord';
import { View } from '@tamagui/core';
import { Numeral, Words } from '../../ui/text';
import { useText, type TextOf } from '../../words/useText';
import { ours } from '../../words/units';

/** Measures with a side to their sign: positive is to the client's left, or higher on the right. */
const SIDE_WORDS = {
  'trunk-side': ['picture.toThe', 'left', 'right'],
  'hip-shift': ['picture.toThe', 'left', 'right'],
  'hip-shift-share': ['picture.toThe', 'left', 'right'],
  'pelvis-tilt': ['picture.higherOn', 'right', 'left'],
  'shoulder-tilt': ['picture.higherOn', 'right', 'left'],
} as const satisfies Partial<Record<PictureMeasure['measure'], unknown>>;

const sideWords = (measure: PictureMeasure['measure']) =>
  measure in SIDE_WORDS ? SIDE_WORDS[measure as keyof typeof SIDE_WORDS] : null;

const unitOf = (measure: PictureMeasure['measure']): string =>
  measure === 'heel-rise' || measure === 'knee-past-toes' || measure === 'hip-shift'
    ? ' mm'
    : measure === 'hip-shift-share'
      ? ' %'
      : '°';

/** "12° ± 3°, to the left" */
export function measureWords({ measure, value, error }: PictureMeasure, t: TextOf): string {
  const unit = unitOf(measure);
  const sides = sideWords(measure);
  // Adding nought takes the sign from a value that rounds to it.
  const size = Math.round(sides ? Math.abs(value) : value) + 0;
  const number = ours(`${size}${unit} ±\u00a0${Math.max(1, Math.round(error))}${unit}`);
  if (!sides || size === 0) return number;
  const [words, positive, negative] = sides;
  return `${number}, ${t(words, { side: t(value > 0 ? positive : negative) })}`;
}

export interface PictureMeasuresProps {
  readonly picture: PictureRecord;
  readonly heightM: number;
  /** A picture to hold it against. */
  readonly against?: PictureRecord | null;
}

/** Every angle and distance of a marked picture with its error, and what another had. */
export function PictureMeasures({ picture, heightM, against }: PictureMeasuresProps) {
  const t = useText();
  const found = pictureMeasures(picture.view, picture.marks, picture, heightM);
  const others = against ? pictureMeasures(against.view, against.marks, against, heightM) : [];
  return (
    <View gap="$1" role="group" aria-label={t('picture.measures')}>
      {found.map((one) => {
        const other = others.find(
          ({ measure, side }) => measure === one.measure && side === one.side,
        );
        const name = t(`picture.names.${one.measure}`);
        return (
          <View
            key={`${one.measure}${one.side ?? ''}`}
            flexDirection="row"
            justifyContent="space-between"
            alignItems="baseline"
            gap="$3"
            borderTopWidth={1}
            borderColor="$rule"
            paddingTop="$1"
          >
            <Words flexShrink={1}>{one.side ? `${name}, ${t(one.side)}` : name}</Words>
            <View alignItems="flex-end">
              <Numeral fontSize="$3" lineHeight="$3">
                {measureWords(one, t)}
              </Numeral>
              {other ? (
                <Words tiny soft>
                  {t('again.before', { what: measureWords(other, t) })}
                </Words>
              ) : null}
            </View>
          </View>
        );
      })}
      <Words tiny soft>
        {t('picture.slip')}
      </Words>
    </View>
  );
}
