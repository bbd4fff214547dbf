import type { CaseDocument } from '@taxikine/core/exchange/case/caseDocument';
import type { Problem } from '@taxikine/core/records/schemas/problems';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useRef, useState } from 'react';
import { useCreate } from '../../data/useFile';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { CasePreview } from './CasePreview';
import { readCase, recordsOf } from './readCase';

/** Larger than this no case file is. */
const MOST_BYTES = 2e6;

type State =
  | { readonly status: 'none' }
  | { readonly status: 'bad'; readonly problems: readonly Problem[] }
  | { readonly status: 'read'; readonly document: CaseDocument };

/** A case file from a colleague or from another program, made into a client with one visit. */
export function OpenCase() {
  const t = useText();
  const create = useCreate();
  const input = useRef<HTMLInputElement>(null);
  const [state, setState] = useState<State>({ status: 'none' });
  const open = async (file: File) => {
    if (file.size > MOST_BYTES)
      return setState({ status: 'bad', problems: [{ path: '', message: t('caseFile.tooBig') }] });
    const read = readCase(await file.text());
    setState(
      read.status === 'ok' ? { status: 'read', document: read.value } : { ...read, status: 'bad' },
    );
  };
  const make = (document: CaseDocument, name: string) => {
    const made = recordsOf(document, {
      name,
      now: new Date().toISOString(),
      newId: () => crypto.randomUUID(),
    });
    if (made.status === 'bad') return setState({ ...made, status: 'bad' });
    const { client, visit, look, probes, checks } = made.value;
    create('clients', client);
    create('visits', visit);
    create('looks', look);
    for (const probe of probes) create('probes', probe);
    for (const check of checks) create('checks', check);
    router.replace(`/clients/${client.id}/visits/${visit.id}`);
  };
  return (
    <View gap="$2">
      <input
        ref={input}
        type="file"
        aria-label={t('caseFile.file')}
        accept=".json,application/json"
        style={{ display: 'none' }}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void open(file);
          event.target.value = '';
        }}
      />
      <Button label={t('caseFile.open')} onPress={() => input.current?.click()} />
      {state.status === 'bad' ? <Problems problems={state.problems} /> : null}
      {state.status === 'read' ? (
        <CasePreview
          document={state.document}
          onClose={() => setState({ status: 'none' })}
          onMake={(name) => make(state.document, name)}
        />
      ) : null}
    </View>
  );
}

const SHOWN = 8;

function Problems({ problems }: { problems: readonly Problem[] }) {
  const t = useText();
  return (
    <View role="alert" gap="$1" borderLeftWidth={6} borderColor="$accent" paddingLeft="$3">
      <Words bold>{t('caseFile.bad')}</Words>
      {problems.slice(0, SHOWN).map(({ path, message }) => (
        <Words key={`${path}${message}`} small>
          {path || t('caseFile.whole')}: {message}
        </Words>
      ))}
      {problems.length > SHOWN ? (
        <Words small soft>
          {t('caseFile.more', { count: problems.length - SHOWN })}
        </Words>
      ) : null}
    </View>
  );
}
