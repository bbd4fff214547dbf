import { bodyOf } from '@taxikine/core/body/segments/body';
import { PHASES, VIEWS } from '@taxikine/core/body/stance/patterns';
import { firstMarks } from '@taxikine/core/reading/figure/firstMarks';
import type { Marks } from '@taxikine/core/records/pictures/marks';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import type { PictureRecord } from '@taxikine/core/records/pictures/pictureRecord';
import { usualSetup } from '@taxikine/core/body/solver/usualSetup';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useFile, useCreate } from '../../data/useFile';
import { useVisit } from '../../data/useVisit';
import { MarkedPicture } from './MarkedPicture';
import { newPicture, type PictureAsked } from './newPicture';
import type { Opened } from './openPicture';
import { PictureSource } from './PictureSource';
import { storePicture } from '../../data/pictureStore';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Title, Words } from '../../ui/text';
import { useWide } from '../../ui/useWide';
import { useText } from '../../words/useText';
import { whenAt } from '../../words/when';
import { Header } from '../../frame/Header';
import { NotThere } from '../../frame/NotThere';
import { Waiting } from '../../frame/Waiting';

/** Still pictures of a visit: opened, marked, measured, laid over each other. */
export function PictureScreen({ clientId, visitId }: { clientId: string; visitId: string }) {
  const file = useFile(clientId);
  const open = useVisit(file.data, visitId);
  if (!file.data) return <Waiting error={file.error} onRetry={() => void file.refetch()} />;
  const look = open?.visit.again ?? open?.visit.first;
  if (!open || !look) return <NotThere />;
  return <Pictures file={file.data} look={look} />;
}

interface PicturesProps {
  readonly file: ClientFile;
  readonly look: LookRecord;
}

/** Where the marks of a picture would be: as this body stands in that look. */
function guessOf({ client, looks, visits }: ClientFile, picture: PictureRecord): Marks {
  const { visitId, role, view, phase, width, height } = picture;
  const pattern = visits.find(({ id }) => id === visitId)?.pattern ?? 'squat';
  const taken = looks.find((one) => one.visitId === visitId && one.role === role);
  const body = bodyOf(client.heightM, client.massKg, client.segments);
  const setup = taken?.setup ?? usualSetup(pattern, client.heightM);
  return firstMarks(body, setup, { pattern, phase, faults: [] }, view, [width, height]);
}

const newestFirst = (pictures: readonly PictureRecord[]) =>
  pictures.filter((one) => !one.removed).sort((a, b) => b.takenOn.localeCompare(a.takenOn));

function Pictures({ file, look }: PicturesProps) {
  const t = useText();
  const { wide, width, height } = useWide();
  const pictures = newestFirst(file.pictures);
  const here = pictures.filter((one) => one.visitId === look.visitId);
  // Until one is chosen, the newest there is: what this device kept may be older than what comes.
  const [chosenId, setShownId] = useState<string | null | undefined>(undefined);
  const shownId = chosenId === undefined ? (here[0]?.id ?? null) : chosenId;
  const shown = pictures.find(({ id }) => id === shownId) ?? null;
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header
        title={t('picture.title')}
        note={file.client.name}
        back={`/clients/${file.client.id}/visits/${look.visitId}`}
      />
      <View render="main" flex={1} minHeight={0} style={{ overflowY: 'auto' }}>
        {shown ? (
          <MarkedPicture
            key={shown.id}
            picture={shown}
            guess={guessOf(file, shown)}
            client={file.client}
            others={pictures.filter(({ id, view }) => id !== shown.id && view === shown.view)}
            width={width}
            height={height}
            wide={wide}
            onAnother={() => setShownId(null)}
          />
        ) : (
          <NewPicture look={look} onMade={setShownId} />
        )}
        {pictures.length > 0 ? (
          <View padding="$4" gap="$1" maxWidth={720}>
            <Title small aria-level={2}>
              {t('picture.all')}
            </Title>
            {pictures.map((one) => (
              <Button
                key={one.id}
                left
                kind="quiet"
                chosen={one.id === shownId || undefined}
                label={`${t(`views.${one.view}`)}, ${t(`phases.${one.phase}`)}`}
                note={`${whenAt(one.takenOn)}${one.kept ? ` · ${t('picture.kept')}` : ''}`}
                onPress={() => setShownId(one.id)}
              />
            ))}
          </View>
        ) : null}
      </View>
    </View>
  );
}

/** From where and when it was taken, then where it comes from. */
function NewPicture({ look, onMade }: { look: LookRecord; onMade: (id: string) => void }) {
  const t = useText();
  const create = useCreate();
  const [asked, setAsked] = useState<PictureAsked>({ view: 'side', phase: 'bottom' });
  const [bad, setBad] = useState<Extract<Opened, { status: 'bad' }>['why'] | null>(null);
  const onOpened = async (opened: Opened) => {
    if (opened.status === 'bad') return setBad(opened.why);
    const record = newPicture(look, asked, opened);
    await storePicture(record.id, opened.jpeg);
    create('pictures', record);
    onMade(record.id);
  };
  return (
    <View padding="$4" gap="$4" maxWidth={560}>
      {bad ? (
        <Words bold accent role="alert">
          {t(`picture.bad.${bad}`)}
        </Words>
      ) : null}
      <Choice
        label={t('picture.view')}
        options={VIEWS.map((value) => ({ value, label: t(`views.${value}`) }))}
        value={asked.view}
        onChange={(view) => setAsked({ ...asked, view })}
      />
      <Choice
        label={t('picture.phase')}
        options={PHASES.map((value) => ({ value, label: t(`phases.${value}`) }))}
        value={asked.phase}
        onChange={(phase) => setAsked({ ...asked, phase })}
      />
      <PictureSource onOpened={(opened) => void onOpened(opened)} />
    </View>
  );
}
