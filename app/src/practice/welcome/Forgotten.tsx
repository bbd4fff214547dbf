import { RESET_MINUTES } from '@taxikine/core/records/wire/people';
import { View } from '@tamagui/core';
import { useRef, useState } from 'react';
import { call, NoAnswer } from '../../data/api';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

type Said = { readonly words: string; readonly isProblem: boolean } | null;

/** A letter with a link by which another password is chosen, to the address that is typed. */
function useForgotten(email: string) {
  const t = useText();
  const [said, setSaid] = useState<Said>(null);
  const isUnderWay = useRef(false);
  const ask = async () => {
    if (isUnderWay.current) return;
    isUnderWay.current = true;
    setSaid(null);
    try {
      await call('POST', '/welcome/letter', { email });
      const words = t('signIn.letter', { email: email.trim(), minutes: RESET_MINUTES });
      setSaid({ words, isProblem: false });
    } catch (error) {
      const words = error instanceof NoAnswer ? t('noAnswer') : (error as Error).message;
      setSaid({ words, isProblem: true });
    } finally {
      isUnderWay.current = false;
    }
  };
  return { said, ask };
}

export interface ForgottenProps {
  readonly email: string;
  /** There is no address yet to write to. */
  readonly onNoAddress: () => void;
}

export function Forgotten({ email, onNoAddress }: ForgottenProps) {
  const t = useText();
  const { said, ask } = useForgotten(email);
  return (
    <View gap="$2">
      <Button
        kind="quiet"
        label={t('signIn.forgotten')}
        onPress={() => (email.trim() === '' ? onNoAddress() : void ask())}
      />
      {said ? (
        <Words accent={said.isProblem} role={said.isProblem ? 'alert' : 'status'}>
          {said.words}
        </Words>
      ) : null}
    </View>
  );
}
