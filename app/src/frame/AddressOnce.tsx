import { View } from '@tamagui/core';
import { useState } from 'react';
import { useText } from '../words/useText';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { LaterQrCode } from './LaterQrCode';
import { Words } from '../ui/text';

const PICTURE_PX = 168;
/** An address that is shown this once, to be copied, or read by the phone that it is for. */
export function AddressOnce({ label, address }: { label: string; address: string }) {
  const t = useText();
  const [copied, setCopied] = useState(false);
  const copy = () =>
    void navigator.clipboard.writeText(address).then(
      () => setCopied(true),
      () => setCopied(false),
    );
  return (
    <View gap="$2" borderLeftWidth={4} borderColor="$sea" paddingLeft="$3">
      <Field label={label} value={address} onChange={() => {}} />
      <View flexDirection="row" gap="$2">
        <Button tight small label={t(copied ? 'copied' : 'copy')} onPress={copy} />
      </View>
      <LaterQrCode text={address} says={t('forCamera')} size={PICTURE_PX} />
      <Words small soft>
        {t('shownOnce')}
      </Words>
    </View>
  );
}
