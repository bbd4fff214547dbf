import {
  MEASURES,
  type Measured,
  type NotMeasured,
} from '@taxikine/core/records/recordings/measures';
import { View } from '@tamagui/core';
import { Numeral, Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { ours } from '../../words/units';

const rowOf = (measure: Measured['measure']) => MEASURES.find(({ id }) => id === measure)!;

/** "31 ± 2°": the mean of the repetitions and their spread. */
export function saidMeasure({ measure, mean, sd, unit }: Measured): string {
  const { decimals } = rowOf(measure);
  // What rounds to nought has no sign.
  const number = (value: number) =>
    value
      .toFixed(decimals)
      .replace(/^-(?=0\.?0*$)/, '')
      .replace('-', '−');
  const spread = sd === null ? '' : ` ±\u00a0${number(sd)}`;
  return ours(`${number(mean)}${spread}${unit === 'deg' ? '°' : `\u00a0${unit}`}`);
}

interface MeasureLine {
  readonly measure: Measured['measure'];
  readonly left: Measured | null;
  readonly whole: Measured | null;
  readonly right: Measured | null;
}

/** One line for each measure: the client's left on the left hand. */
function linesOf(measures: readonly Measured[]): MeasureLine[] {
  const ids = [...new Set(measures.map(({ measure }) => measure))];
  const of = (measure: Measured['measure'], side: Measured['side']) =>
    measures.find((one) => one.measure === measure && one.side === side) ?? null;
  return ids.map((measure) => ({
    measure,
    left: of(measure, 'left'),
    whole: of(measure, null),
    right: of(measure, 'right'),
  }));
}

/** Every measure with its spread over the repetitions, and what could not be measured. */
export function MeasureList({
  measures,
  lacking,
}: {
  measures: readonly Measured[];
  lacking: readonly NotMeasured[];
}) {
  const t = useText();
  const lines = linesOf(measures);
  return (
    <View gap="$2">
      <Title small aria-level={2}>
        {t('recording.measures')}
      </Title>
      <Words small soft>
        {t('recording.spread')}
      </Words>
      {lines.some(({ whole }) => !whole) ? (
        <View flexDirection="row" justifyContent="space-between">
          <Words small soft>
            {t('left')}
          </Words>
          <Words small soft>
            {t('right')}
          </Words>
        </View>
      ) : null}
      {lines.map(({ measure, left, whole, right }) => (
        <View
          key={measure}
          flexDirection="row"
          alignItems="baseline"
          gap="$2"
          borderTopWidth={1}
          borderColor="$rule"
          paddingTop="$1"
        >
          {whole ? null : <Value one={left} side="left" />}
          <Words flex={1} textAlign={whole ? 'left' : 'center'}>
            {rowOf(measure).words}
          </Words>
          <Value one={whole ?? right} side="right" />
        </View>
      ))}
      {lacking.map(({ measure, side, why }) => (
        <Words key={`${measure}${side}`} small soft>
          {t('recording.lacking', {
            measure: [side ? t(side) : '', t(`recording.names.${measure}`)].join(' ').trim(),
            why,
          })}
        </Words>
      ))}
    </View>
  );
}

function Value({ one, side }: { one: Measured | null; side: 'left' | 'right' }) {
  return (
    <Numeral fontSize="$3" lineHeight="$3" minWidth={76} textAlign={side}>
      {one ? saidMeasure(one) : '–'}
    </Numeral>
  );
}
