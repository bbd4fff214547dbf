import { joiResolver } from '@hookform/resolvers/joi';
import { J } from '@taxikine/core';
import { View } from '@tamagui/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { NoAnswer } from '../data/api';
import { SESSION_KEY, signIn } from '../data/session';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Words } from '../ui/text';
import { useText } from '../words/useText';

interface SignInValues {
  email: string;
  password: string;
}

const schema = J.object({
  email: J.string().required().label('e-mail'),
  password: J.string().required().label('password'),
}).messages({ 'string.empty': '{#label} is needed' });

/** E-mail and password. */
export function SignInForm({ email = '' }: { email?: string }) {
  const t = useText();
  const client = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const { control, handleSubmit } = useForm<SignInValues>({
    defaultValues: { email, password: '' },
    resolver: joiResolver(schema),
  });
  const go = handleSubmit(async (values) => {
    setProblem(null);
    try {
      client.setQueryData(SESSION_KEY, await signIn(values.email, values.password));
      // What was refused meanwhile is read again.
      void client.invalidateQueries({
        predicate: ({ queryKey }) => queryKey[0] !== SESSION_KEY[0],
      });
    } catch (error) {
      setProblem(error instanceof NoAnswer ? t('noAnswer') : (error as Error).message);
    }
  });
  const field = (name: keyof SignInValues, type: 'email' | 'password', autoComplete: string) => (
    <Controller
      control={control}
      name={name}
      render={({ field: { value, onChange, onBlur, ref }, fieldState }) => (
        <Field
          label={t(`signIn.${name}`)}
          type={type}
          autoComplete={autoComplete}
          value={value}
          onChange={onChange}
          onBlur={onBlur}
          inputRef={ref}
          problem={fieldState.error?.message}
        />
      )}
    />
  );
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void go();
      }}
    >
      <View gap="$3">
        {field('email', 'email', 'username')}
        {field('password', 'password', 'current-password')}
        {problem ? (
          <Words accent role="alert">
            {problem}
          </Words>
        ) : null}
        <Button kind="main" label={t('signIn.go')} onPress={() => void go()} />
      </View>
    </form>
  );
}
