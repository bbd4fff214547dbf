import { View } from '@tamagui/core';
import { createPart } from '../parts/createPart';
import { usePart } from '../parts/usePart';
import { whenPainted } from '../parts/whenPainted';
import type { QrCodeProps } from '../ui/QrCode';

const picture = createPart(() => import('../ui/QrCode').then((file) => file.QrCode));

/** A QR code beside words: its room at once, itself when the words are there. */
export function LaterQrCode(props: QrCodeProps & { size: number }) {
  const drawn = usePart(picture, whenPainted);
  return (
    <View width={props.size} height={props.size}>
      {drawn.status === 'there' ? <drawn.part {...props} /> : null}
    </View>
  );
}
