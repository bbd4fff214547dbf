import { joiResolver } from '@hookform/resolvers/joi';
import { FLAGS, type FlagId } from '@taxikine/core/knowledge/flags';
import { SIDES, type Side } from '@taxikine/core/foundation/sides/side';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import type { Versioned } from '@taxikine/core/records/versioned';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { useKeptFile, useFormWrite } from '../../data/useFile';
import { ApproachPart } from '../../visit/trace/ApproachPart';
import {
  clientFormSchema,
  formOf,
  recordOf,
  TAPED_LIMBS,
  type ClientForm,
  type TapedLimb,
} from './clientForm';
import { ConsentPart } from './ConsentPart';
import { ContactPart } from './ContactPart';
import { HabitPart } from './HabitPart';
import { HistoryPart } from './HistoryPart';
import { HomePart } from './HomePart';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { ways } from '../../words/ways';
import { OpenCase } from '../case-file/OpenCase';
import { PageFrame, WORDS_PAGE } from '../../frame/PageFrame';
import { Waiting } from '../../frame/Waiting';

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

const FORM_PAGE = { ...WORDS_PAGE, gap: '$5' } as const;

/** A new client, or the details of a known one. */
export function ClientFormScreen({ clientId }: { clientId: string | null }) {
  return clientId ? <EditClient clientId={clientId} /> : <ClientFormPage known={null} />;
}

function EditClient({ clientId }: { clientId: string }) {
  const file = useKeptFile(clientId);
  if (!file.data) return <Waiting error={file.error} onRetry={() => void file.refetch()} />;
  return <ClientFormPage known={file.data.client} />;
}

function ClientFormPage({ known: latest }: { known: Versioned<ClientRecord> | null }) {
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
    name: [
      'flags',
      'consent',
      'wording',
      'history',
      'given',
      'home',
      'footwear',
      'approach',
      'reminders',
    ],
  });
  const [tape, setTape] = useState(Object.keys(known?.segments ?? {}).length > 0);
  const save = handleSubmit((form) => {
    const record = recordOf(form, known, units);
    write('clients', record, known?.version ?? 0);
    router.replace(`/clients/${record.id}`);
  });
  const field = (
    name: TypedField,
    label: string,
    more: { hint?: string; inputMode?: 'decimal' | 'email' } = {},
  ) => (
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
  const toggleFlag = (flag: FlagId) =>
    setValue(
      'flags',
      flags.includes(flag) ? flags.filter((one) => one !== flag) : [...flags, flag],
      { shouldValidate: true },
    );
  return (
    <PageFrame
      title={known ? known.name : t('client.newTitle')}
      back={known ? `/clients/${known.id}` : '/'}
      page={FORM_PAGE}
      foot={<SaveFoot onSave={() => void save()} />}
    >
      <View gap="$3">
        {field('name', t('client.name'))}
        {field('about', t('client.about'))}
        <View flexDirection="row" gap="$3">
          <View flex={1}>
            {field('height', t(`client.height.${units}`), {
              // Feet and inches are no one number.
              inputMode: units === 'metric' ? 'decimal' : undefined,
              hint: t(`client.heightHint.${units}`),
            })}
          </View>
          <View flex={1}>{field('mass', t(`client.mass.${units}`), { inputMode: 'decimal' })}</View>
        </View>
      </View>
      {known ? null : <OpenCase />}
      <ConsentPart
        consent={consent ? { on: consent, wording } : null}
        onConsent={(on, version) => {
          setValue('consent', on);
          setValue('wording', version);
        }}
        guardian={flags.includes('minor') ? field('guardian', t('client.guardian')) : null}
      />
      <View gap="$2" role="group" aria-label={t('client.flags')}>
        <Title small aria-level={2}>
          {t('client.flags')}
        </Title>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {FLAGS.map((flag) => (
            <Button
              key={flag.id}
              tight
              small
              label={flag.name}
              chosen={flags.includes(flag.id)}
              onPress={() => toggleFlag(flag.id)}
            />
          ))}
        </View>
        {flags.includes('joint-replacement') && !history.some(({ replaced }) => replaced) ? (
          <Words small accent role="status">
            {t('meet.replacedWhich')}
          </Words>
        ) : null}
        {flags.includes('prosthesis') && !given.some(({ cause }) => cause === 'prosthesis') ? (
          <Words small accent role="status">
            {t('meet.prosthesisWhich')}
          </Words>
        ) : null}
      </View>
      <HistoryPart
        history={history}
        given={given}
        onHistory={(items) => setValue('history', items)}
        onGiven={(items) => setValue('given', items)}
      />
      <HabitPart history={history} onHistory={(items) => setValue('history', items)} />
      <HomePart
        home={home}
        footwear={footwear}
        onHome={(next) => setValue('home', next)}
        onFootwear={(next) => setValue('footwear', next)}
      />
      <ContactPart
        email={field('email', t(flags.includes('minor') ? 'outbox.emailMinor' : 'outbox.email'), {
          inputMode: 'email',
          hint: t('outbox.emailHint'),
        })}
        reminders={reminders}
        onReminders={(next) => setValue('reminders', next)}
      />
      {field('goal', t('meet.goal'))}
      <ApproachPart approach={approach} onChange={(next) => setValue('approach', next)} />
      {tape ? null : (
        <View flexDirection="row">
          <Button label={t('meet.tapeOpen')} onPress={() => setTape(true)} />
        </View>
      )}
      <View gap="$2" display={tape ? 'flex' : 'none'}>
        <Words small soft>
          {t(`client.tape.${units}`)}
        </Words>
        {TAPED_LIMBS.map((limb) => (
          <View key={limb} flexDirection="row" gap="$3">
            {SIDES.map((side) => (
              <View key={side} flex={1}>
                {field(`tape.${limb}.${side}`, `${t(`client.lengths.${limb}`)}, ${t(side)}`, {
                  inputMode: 'decimal',
                })}
              </View>
            ))}
          </View>
        ))}
        {field('trunk', t('client.lengths.trunkM'), { inputMode: 'decimal' })}
      </View>
    </PageFrame>
  );
}

function SaveFoot({ onSave }: { onSave: () => void }) {
  const t = useText();
  return (
    <View
      padding="$3"
      borderTopWidth={1.5}
      borderColor="$ink"
      backgroundColor="$raised"
      flexDirection="row"
    >
      <Button kind="main" flex={1} label={t('save')} onPress={onSave} />
    </View>
  );
}
