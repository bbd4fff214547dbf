import type { RestoreShown } from '@taxikine/core/records/wire/restoreShown';
import { View } from '@tamagui/core';
import { useRef, useState } from 'react';
import { Refused } from '../../data/api';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText, type TextOf } from '../../words/useText';
import { when } from '../../words/when';
import { useRestore } from './useRestore';

/** As much as the server takes; one that is larger need not be sent to be refused. */
const MOST_MB = 1024;

/** Puts an archive of the practice back, and tells how far that is and what became of it. */
export function Restore() {
  const t = useText();
  const input = useRef<HTMLInputElement>(null);
  const [tooLarge, setTooLarge] = useState(false);
  const { last, underWay, sending, problem, send } = useRestore();
  const choose = (file: File) => {
    const isTooLarge = file.size > MOST_MB * 1024 ** 2;
    setTooLarge(isTooLarge);
    if (!isTooLarge) send(file);
  };
  return (
    <View gap="$2">
      <Title aria-level={2}>{t('practice.restore')}</Title>
      <Words>{t('practice.restoreWords')}</Words>
      <input
        ref={input}
        type="file"
        accept="application/zip,.zip"
        aria-label={t('practice.archive')}
        hidden
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) choose(file);
        }}
      />
      <View flexDirection="row">
        <Button
          label={t(sending || underWay ? 'practice.reading' : 'practice.choose')}
          off={sending || underWay}
          onPress={() => input.current?.click()}
        />
      </View>
      <View role="status" gap="$2">
        {sending ? <Words>{t('practice.sending')}</Words> : null}
        {tooLarge ? <Words accent>{t('practice.tooLarge', { most: MOST_MB })}</Words> : null}
        {problem && !sending ? <Words accent>{problemWords(problem, t)}</Words> : null}
        {last && !sending && !problem && !tooLarge ? <Became of={last} /> : null}
      </View>
    </View>
  );
}

const problemWords = (error: Error, t: TextOf): string =>
  error instanceof Refused
    ? [error.body.message, error.body.hint].filter(Boolean).join(' ')
    : t('practice.notSent');

/** What stands of a restore, in a sentence; the problems of one that is over come after it. */
function stateWords({ state, clients, ...of }: RestoreShown, t: TextOf): string {
  const counts = { ...of, clients };
  switch (state) {
    case 'receiving':
      return t('practice.receiving');
    case 'waiting':
      return clients === null ? t('practice.opening') : t('practice.going', counts);
    case 'done':
      return t('practice.restored', counts);
    case 'refused':
      return t('practice.refused');
    case 'failed':
      return t('practice.restoreFailed', counts);
  }
}

function Became({ of }: { of: RestoreShown }) {
  const t = useText();
  const { state, refused, closed, erasedAgain, problems, askedOn } = of;
  const isOver = state !== 'receiving' && state !== 'waiting';
  return (
    <>
      <Words accent={state === 'refused' || state === 'failed'}>{stateWords(of, t)}</Words>
      {erasedAgain > 0 ? <Words>{t('practice.erasedAgain', { count: erasedAgain })}</Words> : null}
      {closed > 0 ? <Words>{t('practice.closed', { count: closed })}</Words> : null}
      {refused > 0 ? <Words accent>{t('practice.notTaken', { count: refused })}</Words> : null}
      {problems.map(({ path, message }) => (
        <Words key={path} small style={{ overflowWrap: 'anywhere' }}>
          {[path, message].filter(Boolean).join(': ')}
        </Words>
      ))}
      {isOver ? (
        <Words small soft>
          {t('practice.askedOn', { when: when(askedOn) })}
        </Words>
      ) : null}
    </>
  );
}
