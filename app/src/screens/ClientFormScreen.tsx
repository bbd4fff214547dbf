import { joiResolver } from '@hookform/resolvers/joi';
import {
  FLAGS,
  GIVEN_CAUSES,
  HISTORY_KINDS,
  REGIONS,
  SIDES,
  type ClientRecord,
  type FlagId,
  type GivenCause,
  type HistoryItem,
  type MaybeSide,
  type Side,
} from '@taxikine/core';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { useFile, useWrite } from '../data/useFile';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { today } from '../words/when';
import {
  clientFormSchema,
  CONSENT_WORDING,
  formOf,
  recordOf,
  TAPED_LIMBS,
  type ClientForm,
  type TapedLimb,
} from './clientForm';
import { Header } from './Header';
import { Waiting } from './Waiting';

/** Fields of the form in which something is typed. */
type TypedField =
  'name' | 'about' | 'height' | 'mass' | 'trunk' | 'guardian' | `tape.${TapedLimb}.${Side}`;

/** A new client, or the details of a known one. */
export function ClientFormScreen({ clientId }: { clientId: string | null }) {
  return clientId ? <EditClient clientId={clientId} /> : <ClientFormPage known={null} />;
}

function EditClient({ clientId }: { clientId: string }) {
  const file = useFile(clientId);
  if (!file.data) return <Waiting error={file.error} onRetry={() => void file.refetch()} />;
  return <ClientFormPage known={file.data.client} />;
}

function ClientFormPage({ known }: { known: ClientRecord | null }) {
  const t = useText();
  const write = useWrite();
  const { control, handleSubmit, setValue } = useForm<ClientForm>({
    defaultValues: formOf(known),
    resolver: joiResolver(clientFormSchema(t)),
    mode: 'onBlur',
  });
  const [flags, consent, history, given] = useWatch({
    control,
    name: ['flags', 'consent', 'history', 'given'],
  });
  const save = handleSubmit((form) => {
    const record = recordOf(form, known);
    write('clients', record);
    router.replace(`/clients/${record.id}`);
  });
  const field = (
    name: TypedField,
    label: string,
    more: { hint?: string; inputMode?: 'decimal' } = {},
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
    <View flex={1} minHeight={0} height="100%">
      <Header
        title={known ? known.name : t('client.newTitle')}
        back={known ? `/clients/${known.id}` : '/'}
      />
      <View render="main" flex={1} minHeight={0} style={{ overflowY: 'auto' }}>
        <View padding="$4" gap="$5" maxWidth={720} $wide={{ padding: '$6' }}>
          <View gap="$3">
            {field('name', t('client.name'))}
            {field('about', t('client.about'))}
            <View flexDirection="row" gap="$3">
              <View flex={1}>
                {field('height', t('client.height'), {
                  inputMode: 'decimal',
                  hint: t('client.heightHint'),
                })}
              </View>
              <View flex={1}>{field('mass', t('client.mass'), { inputMode: 'decimal' })}</View>
            </View>
          </View>
          <View gap="$2" role="group" aria-label={t('client.consent')}>
            <Title small aria-level={2}>
              {t('client.consent')}
            </Title>
            <Words small>{t('client.consentAsk', { wording: CONSENT_WORDING })}</Words>
            <View flexDirection="row">
              <Button
                label={consent ? t('client.consentOn', { on: consent }) : t('client.consentYes')}
                chosen={Boolean(consent)}
                onPress={() => setValue('consent', consent ? '' : today())}
              />
            </View>
            {flags.includes('minor') ? field('guardian', t('client.guardian')) : null}
          </View>
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
          </View>
          <HistoryEditor items={history} onChange={(items) => setValue('history', items)} />
          <GivenEditor items={given} onChange={(items) => setValue('given', items)} />
          <View gap="$2">
            <Words small soft>
              {t('client.tape')}
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
        </View>
      </View>
      <View
        padding="$3"
        borderTopWidth={1.5}
        borderColor="$ink"
        backgroundColor="$raised"
        flexDirection="row"
      >
        <Button kind="main" flex={1} label={t('save')} onPress={() => void save()} />
      </View>
    </View>
  );
}

function HistoryEditor({
  items,
  onChange,
}: {
  items: HistoryItem[];
  onChange: (items: HistoryItem[]) => void;
}) {
  const t = useText();
  const [what, setWhat] = useState<HistoryItem['what']>('sprain');
  const [region, setRegion] = useState<HistoryItem['region']>('ankle');
  const [side, setSide] = useState<MaybeSide>('left');
  const [adding, setAdding] = useState(false);
  const told = (item: HistoryItem) =>
    [
      item.side ? t(item.side) : '',
      item.region ? t(`regions.${item.region}`) : '',
      t(`client.historyWords.${item.what}`),
    ]
      .filter(Boolean)
      .join(' ');
  const add = () => {
    onChange([...items, { what, ...(what === 'sitting' ? {} : { region, side }) }]);
    setAdding(false);
  };
  return (
    <View gap="$2" role="group" aria-label={t('client.history')}>
      <Title small aria-level={2}>
        {t('client.history')}
      </Title>
      {items.map((item, i) => (
        <View key={i} flexDirection="row" justifyContent="space-between" alignItems="center">
          <Words>{told(item)}</Words>
          <Button
            kind="quiet"
            tight
            label={t('remove')}
            says={`${t('remove')}: ${told(item)}`}
            onPress={() => onChange(items.filter((_, j) => j !== i))}
          />
        </View>
      ))}
      {adding ? (
        <>
          <Choice
            label={t('client.what')}
            options={HISTORY_KINDS.map((value) => ({
              value,
              label: t(`client.historyWords.${value}`),
            }))}
            value={what}
            onChange={setWhat}
          />
          {what === 'sitting' ? null : (
            <>
              <Choice
                label={t('client.region')}
                options={REGIONS.map((value) => ({ value, label: t(`regions.${value}`) }))}
                value={region}
                onChange={setRegion}
              />
              <Choice
                label={t('client.side')}
                options={[
                  { value: 'left' as const, label: t('left') },
                  { value: 'right' as const, label: t('right') },
                  { value: null, label: t('client.whole') },
                ]}
                value={side}
                onChange={setSide}
              />
            </>
          )}
          <Button label={t('client.add')} onPress={add} />
        </>
      ) : (
        <View flexDirection="row">
          <Button
            label={t('client.add')}
            says={`${t('client.add')}: ${t('client.history')}`}
            onPress={() => setAdding(true)}
          />
        </View>
      )}
    </View>
  );
}

const GIVEN_WORDS = (cause: string): string =>
  GIVEN_CAUSES.find((row) => row.id === cause)!.sentence.replace('{Side} ', '');

function GivenEditor({
  items,
  onChange,
}: {
  items: GivenCause[];
  onChange: (items: GivenCause[]) => void;
}) {
  const t = useText();
  const has = (cause: string, side: string) =>
    items.some((one) => one.cause === cause && one.side === side);
  const toggle = (cause: GivenCause['cause'], side: GivenCause['side']) =>
    onChange(
      has(cause, side)
        ? items.filter((one) => one.cause !== cause || one.side !== side)
        : [...items, { cause, side }],
    );
  return (
    <View gap="$2" role="group" aria-label={t('client.given')}>
      <Title small aria-level={2}>
        {t('client.given')}
      </Title>
      {GIVEN_CAUSES.map((row) => (
        <View key={row.id} flexDirection="row" alignItems="center" gap="$2">
          {(['left', 'right'] as const).map((side) => (
            <Button
              key={side}
              tight
              small
              label={t(side)}
              says={`${GIVEN_WORDS(row.id)}, ${t(side)}`}
              chosen={has(row.id, side)}
              onPress={() => toggle(row.id as GivenCause['cause'], side)}
            />
          ))}
          <Words>{GIVEN_WORDS(row.id)}</Words>
        </View>
      ))}
    </View>
  );
}
