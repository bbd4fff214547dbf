import { oneFault } from '@taxikine/core/knowledge/faults';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { View } from '@tamagui/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { fileKey } from '../data/queryClient';
import { useStore } from '../device/store';
import { dropTrouble, troubles, type Trouble } from '../data/troubles';
import { useSendAgain, useFormWrite } from '../data/useFile';
import { withRecord } from '../data/writes';
import { Button } from '../ui/Button';
import { Sheet } from '../ui/Sheet';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';

type Fields = Record<string, unknown>;

const looksLikeLook = (record: Fields): record is Fields & LookRecord =>
  Array.isArray(record.faults);

/** A value of a record as a coach would read it. */
function told(key: string, record: Fields): string {
  if (key === 'faults' && looksLikeLook(record))
    return (
      record.faults
        .map(
          (fault) =>
            `${fillSide(oneFault(fault.fault).sentence, fault.side)} (${fault.grade}${fault.value === undefined ? '' : `, ${fault.value}`})`,
        )
        .join('; ') || '–'
    );
  const value = record[key];
  return typeof value === 'object' ? JSON.stringify(value) : String(value ?? '–');
}

const QUIET = new Set(['id', 'clientId', 'visitId', 'version']);

/** Fields in which two versions differ. */
const differing = (mine: Fields, theirs: Fields): string[] =>
  [...new Set([...Object.keys(mine), ...Object.keys(theirs)])].filter(
    (key) => !QUIET.has(key) && JSON.stringify(mine[key]) !== JSON.stringify(theirs[key]),
  );

/** Writes that the server did not take, one at a time: the coach chooses, nothing is lost meanwhile. */
export function TroubleSheet() {
  const all = useStore(troubles);
  const [first] = all.filter(({ setAside }) => !setAside);
  if (first) return <OneTrouble key={first.write.record.id} trouble={first} />;
  const aside = all.filter(({ setAside }) => setAside);
  return aside.length > 0 ? <SetAside troubles={aside} /> : null;
}

/** What the server breaks over: the rest has gone on, and it waits here until somebody says. */
function SetAside({ troubles: aside }: { troubles: readonly Trouble[] }) {
  const t = useText();
  const sendAgain = useSendAgain();
  const letGo = useLetGo();
  const [isLater, setIsLater] = useState(false);
  if (isLater) return null;
  const kinds = [...new Set(aside.map(({ write }) => t(`trouble.what.${write.kind}`)))];
  const count = aside.length;
  return (
    <Sheet title={t('trouble.broke')} open onClose={() => setIsLater(true)}>
      <Words bold>{kinds.join(', ')}</Words>
      <Words>{t('trouble.brokeWords', { count })}</Words>
      <View flexDirection="row" flexWrap="wrap" gap="$3">
        <Button kind="main" label={t('trouble.again', { count })} onPress={sendAgain} />
        <Button label={t('trouble.later')} onPress={() => setIsLater(true)} />
        <Button label={t('trouble.drop')} onPress={() => aside.forEach(letGo)} />
      </View>
    </Sheet>
  );
}

/** Lets go of a write that was never taken, and reads anew what this device has in its place. */
function useLetGo(): (trouble: Trouble) => void {
  const client = useQueryClient();
  return ({ write }) => {
    dropTrouble(write.record.id);
    void client.resetQueries({ queryKey: fileKey(write.clientId) });
  };
}

function OneTrouble({ trouble }: { trouble: Trouble }) {
  const t = useText();
  const client = useQueryClient();
  const write = useFormWrite();
  const letGo = useLetGo();
  const { kind, record, clientId } = trouble.write;
  const what = t(`trouble.what.${kind}`);
  const theirs = trouble.theirs;
  const lay = (version: object) =>
    client.setQueryData<ClientFile>(fileKey(clientId), (file) =>
      withRecord(file, kind, version as { id: string; version: number }),
    );

  const keepMine = () => {
    if (!theirs) return;
    lay(theirs);
    dropTrouble(record.id);
    write(kind, record, theirs.version);
  };
  const takeTheirs = () => {
    if (!theirs) return;
    lay(theirs);
    dropTrouble(record.id);
  };

  if (!theirs)
    return (
      <Sheet title={t('trouble.refused', { what })} open onClose={() => letGo(trouble)}>
        <Words bold>{trouble.message}</Words>
        {trouble.hint ? <Words soft>{trouble.hint}</Words> : null}
        <Button kind="main" label={t('trouble.drop')} onPress={() => letGo(trouble)} />
      </Sheet>
    );
  const mine = record as unknown as Fields;
  const keys = differing(mine, theirs);
  return (
    <Sheet title={t('trouble.title')} open onClose={() => undefined}>
      <Words>{t('trouble.lead', { what })}</Words>
      {keys.length === 0 ? <Words soft>{t('trouble.nothing')}</Words> : null}
      <View flexDirection="row" gap="$4">
        <Version title={t('trouble.mineSays')} record={mine} keys={keys} />
        <Version title={t('trouble.theirsSays')} record={theirs} keys={keys} />
      </View>
      <View flexDirection="row" gap="$3">
        <Button kind="main" flex={1} label={t('trouble.mine')} onPress={keepMine} />
        <Button flex={1} label={t('trouble.theirs')} onPress={takeTheirs} />
      </View>
    </Sheet>
  );
}

function Version({
  title,
  record,
  keys,
}: {
  title: string;
  record: Fields;
  keys: readonly string[];
}) {
  return (
    <View flex={1} gap="$2">
      <Title small aria-level={3}>
        {title}
      </Title>
      {keys.map((key) => (
        <Words key={key} small>
          <Words small soft>
            {key}:{' '}
          </Words>
          {told(key, record)}
        </Words>
      ))}
    </View>
  );
}
