import type { ClientFile } from '@taxikine/core/records/clientFile';
import { useQueryClient } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { call, Refused } from '../../data/api';
import { confirmed } from '../../data/confirming';
import { useIsOwner } from '../../data/session';
import { useUnsent } from '../../data/useFile';
import { useMadeFile } from '../../data/useMadeFile';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { forgetClient } from './forgetClient';

/** When a client leaves: all that is kept of them as one file, and then nothing kept. */
export function LeavePanel({ file }: { file: ClientFile }) {
  const t = useText();
  const { id } = file.client;
  const unsent = useUnsent();
  const isOwner = useIsOwner();
  const zip = useMadeFile(`/clients/${id}/export.zip`, 'client');
  const [erasing, setErasing] = useState(false);
  return (
    <View gap="$2">
      <Title small aria-level={2}>
        {t('leave.title')}
      </Title>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {isOwner ? (
          <>
            <Button
              tight
              label={t(zip.state === 'making' ? 'leave.making' : 'leave.export')}
              off={zip.state === 'making'}
              onPress={zip.save}
            />
            <Button kind="quiet" tight label={t('leave.erase')} onPress={() => setErasing(true)} />
          </>
        ) : null}
      </View>
      {isOwner ? null : <Words small>{t('leave.ownerOnly')}</Words>}
      {unsent > 0 ? <Words small>{t('leave.unsent')}</Words> : null}
      {zip.state === 'failed' ? (
        <Words accent role="alert">
          {t('leave.failed')}
        </Words>
      ) : null}
      {erasing ? <EraseSheet file={file} onClose={() => setErasing(false)} /> : null}
    </View>
  );
}

/** The name has to be typed: a slip of the thumb erases nobody. */
function EraseSheet({ file, onClose }: { file: ClientFile; onClose: () => void }) {
  const t = useText();
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | undefined>();
  const { id, name: real } = file.client;
  const erase = async () => {
    try {
      await confirmed(() => call('POST', `/clients/${id}/erase`, { name }));
      await forgetClient(client, file);
      router.replace('/');
    } catch (error) {
      setProblem(error instanceof Refused ? error.body.message : t('leave.failed'));
    }
  };
  return (
    <Sheet title={t('leave.eraseTitle', { name: real })} open onClose={onClose}>
      <Words>{t('leave.eraseWords')}</Words>
      <Field
        label={t('leave.typeName')}
        value={name}
        onChange={(value) => {
          setName(value);
          setProblem(undefined);
        }}
        problem={problem}
      />
      <Button
        kind="main"
        label={t('leave.eraseNow')}
        off={name.trim() !== real}
        onPress={() => void erase()}
      />
    </Sheet>
  );
}
