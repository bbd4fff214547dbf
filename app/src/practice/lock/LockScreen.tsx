import { View } from '@tamagui/core';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { leaveHere } from '../../data/leaveHere';
import type { Session } from '../../data/session';
import { SignInForm } from '../welcome/SignInForm';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Title, Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';
import { useUnlock } from './useUnlock';

/**
 * Over everything, sheets too: what is under it stays as it was left, and is neither seen nor reached. A dialog of the
 * browser's own, for nothing of a page is above one.
 */
export function LockScreen({ coach }: { coach: Session['coach'] }) {
  const t = useText();
  const palette = usePalette();
  const dialog = useRef<HTMLDialogElement>(null);
  const show = () => {
    if (dialog.current && !dialog.current.open) dialog.current.showModal();
  };
  useEffect(show, []);
  return (
    <dialog
      ref={dialog}
      aria-label={t('lock.title')}
      onCancel={(event) => event.preventDefault()}
      onClose={show}
      style={{
        width: '100vw',
        height: '100dvh',
        maxWidth: 'none',
        maxHeight: 'none',
        border: 'none',
        padding: 0,
        background: palette.paper,
      }}
    >
      <View
        height="100%"
        padding="$5"
        alignItems="center"
        style={{ overflowY: 'auto', justifyContent: 'safe center' } as object}
      >
        <View gap="$4" width="100%" maxWidth={400}>
          <View>
            <Title big aria-level={1}>
              {t('lock.title')}
            </Title>
            <Words soft>{t('lock.words', { name: coach.name })}</Words>
          </View>
          <Opening coach={coach} />
        </View>
      </View>
    </dialog>
  );
}

function Opening({ coach }: { coach: Session['coach'] }) {
  const t = useText();
  const client = useQueryClient();
  const { by, usePassword, open, busy, problem } = useUnlock(coach.id);
  return (
    <>
      {by === 'door' ? (
        <>
          <Words>{t('signIn.expired')}</Words>
          <SignInForm email={coach.email} />
        </>
      ) : (
        <UnlockForm key={by} by={by} email={coach.email} {...{ open, busy, problem }} />
      )}
      {by === 'code' ? (
        <Button kind="quiet" label={t('lock.withPassword')} onPress={usePassword} />
      ) : null}
      <Button kind="quiet" label={t('signIn.out')} onPress={() => leaveHere(client)} />
    </>
  );
}

interface UnlockFormProps {
  readonly by: 'code' | 'password';
  readonly email: string;
  readonly open: (typed: string) => void;
  readonly busy: boolean;
  readonly problem: string | null;
}

function UnlockForm({ by, email, open, busy, problem }: UnlockFormProps) {
  const t = useText();
  const [typed, setTyped] = useState('');
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.focus(), []);
  const isCode = by === 'code';
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (typed !== '') open(typed);
        setTyped('');
        field.current?.focus();
      }}
    >
      <View gap="$3">
        {/* Whose password it is, for what keeps passwords. */}
        <input type="text" autoComplete="username" value={email} readOnly hidden />
        <Field
          label={t(isCode ? 'lock.code' : 'lock.password')}
          type="password"
          inputMode={isCode ? 'numeric' : undefined}
          autoComplete={isCode ? 'off' : 'current-password'}
          value={typed}
          onChange={setTyped}
          inputRef={field}
          problem={problem ?? undefined}
        />
        <Button kind="main" submits off={busy} label={t('lock.go')} />
      </View>
    </form>
  );
}
