import { View } from '@tamagui/core';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { NoAnswer } from '../data/api';
import { SESSION_KEY, signIn } from '../data/session';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import { Forgotten } from './Forgotten';

const FIELDS = [
  { name: 'email', type: 'email', autoComplete: 'username' },
  { name: 'password', type: 'password', autoComplete: 'current-password' },
] as const;

type Values = Readonly<Record<(typeof FIELDS)[number]['name'], string>>;

/** Signs in; the server's word when it says no. */
function useSignIn(): { problem: string | null; go: (values: Values) => Promise<void> } {
  const t = useText();
  const client = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const isUnderWay = useRef(false);
  const go = async ({ email, password }: Values) => {
    if (isUnderWay.current) return;
    isUnderWay.current = true;
    setProblem(null);
    try {
      client.setQueryData(SESSION_KEY, await signIn(email, password));
      // What was refused meanwhile is read again.
      void client.invalidateQueries({
        predicate: ({ queryKey }) => queryKey[0] !== SESSION_KEY[0],
      });
    } catch (error) {
      setProblem(error instanceof NoAnswer ? t('noAnswer') : (error as Error).message);
    } finally {
      isUnderWay.current = false;
    }
  };
  return { problem, go };
}

/** E-mail and password: two fields that must not be empty, and nothing that a library of forms would be fetched for. */
export function SignInForm({ email = '' }: { email?: string }) {
  const t = useText();
  const { problem, go } = useSignIn();
  const [values, setValues] = useState<Values>({ email, password: '' });
  const [tried, setTried] = useState(false);
  const [noAddress, setNoAddress] = useState(false);
  const inputs = useRef<Partial<Record<keyof Values, HTMLInputElement | null>>>({});
  const askForAddress = () => {
    setNoAddress(true);
    inputs.current.email?.focus();
  };
  const lacks = (name: keyof Values) =>
    values[name] === '' && (tried || (name === 'email' && noAddress));
  const send = () => {
    setTried(true);
    const lacking = FIELDS.find(({ name }) => values[name] === '');
    if (lacking) inputs.current[lacking.name]?.focus();
    else void go(values);
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        send();
      }}
    >
      <View gap="$3">
        {FIELDS.map(({ name, type, autoComplete }) => (
          <Field
            key={name}
            label={t(`signIn.${name}`)}
            type={type}
            autoComplete={autoComplete}
            value={values[name]}
            onChange={(value) => setValues((was) => ({ ...was, [name]: value }))}
            inputRef={(input) => void (inputs.current[name] = input)}
            problem={lacks(name) ? t(`signIn.needed.${name}`) : undefined}
          />
        ))}
        {problem ? (
          <Words accent role="alert">
            {problem}
          </Words>
        ) : null}
        <Button kind="main" submits label={t('signIn.go')} />
        <Forgotten email={values.email} onNoAddress={askForAddress} />
      </View>
    </form>
  );
}
