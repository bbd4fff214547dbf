import { joiResolver } from '@hookform/resolvers/joi';
import type { FlagId } from '@taxikine/core/knowledge/flags';
import type { Side } from '@taxikine/core/foundation/sides/side';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import type { Versioned } from '@taxikine/core/records/versioned';
import { router } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { useFormWrite } from '../../data/useFile';
import { Field } from '../../ui/Field';
import { useText } from '../../words/useText';
import { ways } from '../../words/ways';
import { clientFormSchema, formOf, recordOf, type ClientForm, type TapedLimb } from './clientForm';

/** Fields of the form in which something is typed. */
type TypedField =
  | 'name'
  | 'about'
  | 'goal'
  | 'height'
  | 'mass'
  | 'trunk'
  | 'guardian'
  | 'email'
  | `tape.${TapedLimb}.${Side}`;

interface More {
  readonly hint?: string;
  readonly inputMode?: 'decimal' | 'email';
}

/** What is chosen on the page, and drawn anew when it is. */
const WATCHED = [
  'flags',
  'consent',
  'wording',
  'history',
  'given',
  'home',
  'footwear',
  'approach',
  'reminders',
] as const;

/** The form of a client as it is filled in, and how it is kept. */
export function useClientForm(latest: Versioned<ClientRecord> | null) {
  // What another device changes meanwhile is not in this form, and must not be lost under it.
  const [known] = useState(latest);
  const t = useText();
  const write = useFormWrite();
  // A form that is open stays in the units that it was filled in with.
  const [units] = useState(() => ways.get().units);
  const { control, handleSubmit, setValue } = useForm<ClientForm>({
    defaultValues: formOf(known, units),
    resolver: joiResolver(clientFormSchema(t, units)),
    mode: 'onBlur',
  });
  const [flags, consent, wording, history, given, home, footwear, approach, reminders] = useWatch({
    control,
    name: WATCHED,
  });
  const save = handleSubmit((form) => {
    const record = recordOf(form, known, units);
    write('clients', record, known?.version ?? 0);
    router.replace(`/clients/${record.id}`);
  });
  const toggleFlag = (flag: FlagId) => {
    const next = flags.includes(flag) ? flags.filter((one) => one !== flag) : [...flags, flag];
    setValue('flags', next, { shouldValidate: true });
  };
  const field = (name: TypedField, label: string, more: More = {}): ReactNode => (
    <Controller
      key={name}
      control={control}
      name={name}
      render={({ field: { value, onChange, onBlur, ref }, fieldState }) => (
        <Field
          label={label}
          value={value}
          onChange={onChange}
          onBlur={onBlur}
          inputRef={ref}
          problem={fieldState.error?.message}
          {...more}
        />
      )}
    />
  );
  const chosen = { flags, consent, wording, history, given, home, footwear, approach, reminders };
  return { known, units, ...chosen, setValue, toggleFlag, field, save };
}

export type ClientFormState = ReturnType<typeof useClientForm>;
