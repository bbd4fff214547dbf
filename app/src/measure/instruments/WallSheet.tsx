import { WALL_DEG_PER_CM, WALL_SEM_CM, type Device } from '@taxikine/core/knowledge/checkGuides';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Stepper } from '../../ui/Stepper';
import { Numeral, Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface WallSheetProps {
  readonly title: string;
  readonly onReading: (deg: number, device: Device) => void;
  readonly onClose: () => void;
}

const USUAL_CM = 11;
const WALL_ERROR_DEG = Math.round(WALL_SEM_CM * WALL_DEG_PER_CM * 10) / 10;

/** Toe to wall with a tape, in centimetres, as the lean of the shin that it stands for. */
export function WallSheet({ title, onReading, onClose }: WallSheetProps) {
  const t = useText();
  const [cm, setCm] = useState<number | null>(null);
  const deg = cm === null ? null : Math.round(cm * WALL_DEG_PER_CM * 10) / 10;
  return (
    <Sheet title={title} open onClose={onClose}>
      <Words small>{t('instrument.wallHow')}</Words>
      <Stepper
        label={t('instrument.wall')}
        value={cm}
        from={USUAL_CM}
        unit="cm"
        least={0}
        most={19}
        step={0.5}
        onChange={setCm}
      />
      {deg === null ? null : (
        <Numeral role="status">{t('instrument.wallDeg', { deg, error: WALL_ERROR_DEG })}</Numeral>
      )}
      <Button
        kind="main"
        label={t('instrument.keep')}
        off={deg === null}
        onPress={() => {
          onReading(deg!, 'tape');
          onClose();
        }}
      />
    </Sheet>
  );
}
