import type { PicturePoint } from '@taxikine/core/records/pictures/marks';
import type { PictureRecord } from '@taxikine/core/records/pictures/pictureRecord';
import { View } from '@tamagui/core';
import { useState } from 'react';
import Svg, { G, Image, Path } from 'react-native-svg';
import { Slider } from '../../ui/Slider';
import { Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';
import { limbLines } from './limbLines';
import { usePictureImage } from './usePictureImage';

export interface ComparedPicturesProps {
  readonly picture: PictureRecord;
  readonly against: PictureRecord;
  readonly width: number;
  readonly height: number;
}

const middleOf = (points: readonly PicturePoint[]): PicturePoint => [
  points.reduce((sum, [x]) => sum + x, 0) / points.length,
  points.reduce((sum, [, y]) => sum + y, 0) / points.length,
];

/** Where the feet are, and how long the shins: what two pictures of one body are laid over each other by. */
function footing({ view, marks }: PictureRecord): { feet: PicturePoint; shin: number } | null {
  const suffixes = view === 'side' ? [''] : ['-left', '-right'];
  const at = (joint: string) =>
    suffixes.map((suffix) => marks[`${joint}${suffix}` as keyof typeof marks]);
  const [ankles, knees] = [at('ankle'), at('knee')];
  if (ankles.some((one) => !one) || knees.some((one) => !one)) return null;
  const shins = ankles.map((ankle, i) =>
    Math.hypot(ankle![0] - knees[i]![0], ankle![1] - knees[i]![1]),
  );
  return { feet: middleOf(ankles as PicturePoint[]), shin: Math.max(...shins) };
}

/** Two pictures over each other, feet on feet and at the same size; pulled from one to the other. */
export function ComparedPictures({ picture, against, width, height }: ComparedPicturesProps) {
  const t = useText();
  const palette = usePalette();
  const [share, setShare] = useState(50);
  const [now, before] = [usePictureImage(picture), usePictureImage(against)];
  const [here, there] = [footing(picture), footing(against)];
  if (!here || !there || !(there.shin > 0)) return null;
  const times = here.shin / there.shin;
  const fit = Math.min(width / picture.width, height / picture.height);
  const laid = `translate(${here.feet[0]} ${here.feet[1]}) scale(${times}) translate(${-there.feet[0]} ${-there.feet[1]})`;
  const line = (one: PictureRecord, stroke: string, thick: number) => (
    <Path d={limbLines(one.view, one.marks)} stroke={stroke} strokeWidth={thick} fill="none" />
  );
  return (
    <View gap="$2" role="group" aria-label={t('picture.compared')}>
      <View alignItems="center">
        <Svg
          width={picture.width * fit}
          height={picture.height * fit}
          viewBox={`0 0 ${picture.width} ${picture.height}`}
        >
          {now.status === 'shown' ? (
            <Image href={now.url} width={picture.width} height={picture.height} />
          ) : null}
          <G transform={laid} opacity={share / 100}>
            {before.status === 'shown' ? (
              <Image href={before.url} width={against.width} height={against.height} />
            ) : null}
          </G>
          <G transform={laid}>{line(against, palette.sea, 3 / (fit * times))}</G>
          {line(picture, palette.accent, 3 / fit)}
        </Svg>
      </View>
      <View paddingHorizontal="$4" gap="$2">
        <Slider
          label={t('picture.blend')}
          value={share}
          least={0}
          most={100}
          step={5}
          unit="%"
          onChange={setShare}
        />
        <Words small soft>
          {t('picture.comparedNote')}
        </Words>
      </View>
    </View>
  );
}
