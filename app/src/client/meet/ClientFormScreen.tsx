import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import type { Versioned } from '@taxikine/core/records/versioned';
import { View } from '@tamagui/core';
import { useKeptFile } from '../../data/useFile';
import { PageFrame, WORDS_PAGE } from '../../frame/PageFrame';
import { Waiting } from '../../frame/Waiting';
import { Button } from '../../ui/Button';
import { ApproachPart } from '../../visit/trace/ApproachPart';
import { useText } from '../../words/useText';
import { OpenCase } from '../case-file/OpenCase';
import { ConsentPart } from './ConsentPart';
import { ContactPart } from './ContactPart';
import { FlagsPart } from './FlagsPart';
import { HabitPart } from './HabitPart';
import { HistoryPart } from './HistoryPart';
import { HomePart } from './HomePart';
import { TapePart } from './TapePart';
import { useClientForm, type ClientFormState } from './useClientForm';

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
  const t = useText();
  const form = useClientForm(latest);
  const { known, save } = form;
  return (
    <PageFrame
      title={known ? known.name : t('client.newTitle')}
      back={known ? `/clients/${known.id}` : '/'}
      page={FORM_PAGE}
      foot={<SaveFoot onSave={() => void save()} />}
    >
      <WhoPart form={form} />
      {known ? null : <OpenCase />}
      <ToldParts form={form} />
      <WishParts form={form} />
      <TapePart form={form} />
    </PageFrame>
  );
}

interface Part {
  readonly form: ClientFormState;
}

/** Name, a word about them, height and mass. */
function WhoPart({ form: { field, units } }: Part) {
  const t = useText();
  return (
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
  );
}

/** What they agree to, and what is known of their body. */
function ToldParts({ form }: Part) {
  const t = useText();
  const { flags, consent, wording, history, given, setValue, field } = form;
  return (
    <>
      <ConsentPart
        consent={consent ? { on: consent, wording } : null}
        onConsent={(on, version) => {
          setValue('consent', on);
          setValue('wording', version);
        }}
        guardian={flags.includes('minor') ? field('guardian', t('client.guardian')) : null}
      />
      <FlagsPart form={form} />
      <HistoryPart
        history={history}
        given={given}
        onHistory={(items) => setValue('history', items)}
        onGiven={(items) => setValue('given', items)}
      />
      <HabitPart history={history} onHistory={(items) => setValue('history', items)} />
    </>
  );
}

/** What they have at home, how they are written to, what they want, and how the coach works with them. */
function WishParts({ form }: Part) {
  const t = useText();
  const { flags, home, footwear, reminders, approach, setValue, field } = form;
  return (
    <>
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
    </>
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
