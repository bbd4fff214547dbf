import { LEAST_PASSWORD } from '@taxikine/core/records/wire/account';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { useText } from '../../words/useText';

interface NewPasswordProps {
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly problem: string | null;
}

/** A password that is chosen: hidden, or shown to whoever would rather see it. */
export function NewPassword({ value, onChange, problem }: NewPasswordProps) {
  const t = useText();
  const [visible, setVisible] = useState(false);
  return (
    <>
      <Field
        label={t('welcome.password')}
        type={visible ? 'text' : 'password'}
        autoComplete="new-password"
        value={value}
        onChange={onChange}
        problem={problem ?? undefined}
        hint={t('welcome.hint', { least: LEAST_PASSWORD })}
      />
      <Button
        kind="quiet"
        label={t(visible ? 'welcome.hide' : 'welcome.show')}
        onPress={() => setVisible(!visible)}
      />
    </>
  );
}
