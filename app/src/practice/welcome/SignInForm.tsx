import { View } from '@tamagui/core';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Refused } from '../../data/api';
import { canHavePasskey, enterByPasskey, NotSigned } from '../../data/passkey';
import { SESSION_KEY, signIn, type Session } from '../../data/session';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Words } from '../../ui/text';
import { problemWords } from '../../data/problemWords';
import { useText } from '../../words/useText';
import { Forgotten } from './Forgotten';

const FIELDS = [
  { name: 'email', type: 'email', autoComplete: 'username' },
  { name: 'password', type: 'password', autoComplete: 'current-password' },
] as const;
/** Where an account asks for more than a password, and only there. */
const CODE = { name: 'code', type: 'text', autoComplete: 'one-time-code' } as const;
const FIELDS_AND_CODE = [...FIELDS, CODE] as const;

type Values = Readonly<Record<(typeof FIELDS_AND_CODE)[number]['name'], string>>;

interface SigningIn {
  readonly problem: string | null;
  /** The password was right, and a code is asked for too. */
  readonly asksForCode: boolean;
  readonly go: (values: Values) => Promise<void>;
  readonly goByPasskey: () => Promise<void>;
}

/** Signs in; the server's word when it says no. */
function useSignIn(): SigningIn {
  const t = useText();
  const client = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const [asksForCode, setAsksForCode] = useState(false);
  const isUnderWay = useRef(false);
  const enter = async (ask: () => Promise<Session>) => {
    if (isUnderWay.current) return;
    isUnderWay.current = true;
    setProblem(null);
    try {
      client.setQueryData(SESSION_KEY, await ask());
      // What was refused meanwhile is read again.
      void client.invalidateQueries({
        predicate: ({ queryKey }) => queryKey[0] !== SESSION_KEY[0],
      });
    } catch (error) {
      const isAsked = error instanceof Refused && error.body.code === 'need-code';
      if (isAsked) setAsksForCode(true);
      else if (error instanceof NotSigned) setProblem(t('signIn.notSigned'));
      else setProblem(problemWords(error as Error, t));
    } finally {
      isUnderWay.current = false;
    }
  };
  return {
    problem,
    asksForCode,
    go: (values) => enter(() => signIn(values)),
    goByPasskey: () => enter(enterByPasskey),
  };
}

/** E-mail, password and maybe a code: fields that must not be empty, and nothing that a library of forms would be fetched for. */
export function SignInForm({ email = '' }: { email?: string }) {
  const t = useText();
  const { problem, asksForCode, go, goByPasskey } = useSignIn();
  const fields = asksForCode ? FIELDS_AND_CODE : FIELDS;
  const [values, setValues] = useState<Values>({ email, password: '', code: '' });
  /** So many of the fields were there when it was sent last. */
  const [tried, setTried] = useState(0);
  const [noAddress, setNoAddress] = useState(false);
  const inputs = useRef<Partial<Record<keyof Values, HTMLInputElement | null>>>({});
  useEffect(() => {
    if (asksForCode) inputs.current.code?.focus();
  }, [asksForCode]);
  const askForAddress = () => {
    setNoAddress(true);
    inputs.current.email?.focus();
  };
  const lacks = (name: keyof Values, i: number) =>
    values[name] === '' && (i < tried || (name === 'email' && noAddress));
  const send = () => {
    setTried(fields.length);
    const lacking = fields.find(({ name }) => values[name] === '');
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
        {fields.map(({ name, type, autoComplete }, i) => (
          <Field
            key={name}
            label={t(`signIn.${name}`)}
            type={type}
            autoComplete={autoComplete}
            value={values[name]}
            onChange={(value) => setValues((was) => ({ ...was, [name]: value }))}
            inputRef={(input) => void (inputs.current[name] = input)}
            problem={lacks(name, i) ? t(`signIn.needed.${name}`) : undefined}
            hint={name === 'code' ? t('signIn.codeHint') : undefined}
          />
        ))}
        {problem ? (
          <Words accent role="alert">
            {problem}
          </Words>
        ) : null}
        <Button kind="main" submits label={t('signIn.go')} />
        {canHavePasskey() ? (
          <Button label={t('signIn.passkey')} onPress={() => void goByPasskey()} />
        ) : null}
        <Forgotten email={values.email} onNoAddress={askForAddress} />
      </View>
    </form>
  );
}
