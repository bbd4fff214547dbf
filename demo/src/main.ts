import { KINDS_IN_FILE, type ClientFile, type KindInFile, type RecordKind } from '@taxikine/core';
import {
  appSource,
  hasPractices,
  inPractice,
  keepEntries,
  makePractice,
  ownerSource,
  putRecord,
} from '@taxikine/server';
import { demoFiles, DEMO_OWN_DRILL, DEMO_PASSWORD, DEMO_PRACTICE, DEMO_ROOM } from './index';

/** A record without its version, as it is written. */
function bare<T extends { version: number }>(record: T): Omit<T, 'version'> {
  const { version: _, ...rest } = record;
  return rest;
}

interface Told {
  readonly kind: 'clients' | KindInFile;
  readonly record: { readonly version: number; readonly id: string };
}

/** Visit by visit as they happened: what a later one reported does not hold back an earlier one's drills. */
function inOrder(file: ClientFile): Told[] {
  const kinds = KINDS_IN_FILE.filter((kind) => kind !== 'visits' && kind !== 'messages');
  return [
    { kind: 'clients', record: file.client },
    ...file.visits.flatMap((visit): Told[] => [
      { kind: 'visits', record: visit },
      ...kinds.flatMap((kind) =>
        (file[kind] as readonly (Told['record'] & { visitId: string })[])
          .filter(({ visitId }) => visitId === visit.id)
          .map((record) => ({ kind, record })),
      ),
    ]),
    ...file.messages.map((record): Told => ({ kind: 'messages', record })),
  ];
}

/** Through the same door as every other write, so the demo cannot hold what the app would refuse. */
async function load(ownerUrl: string, appUrl: string): Promise<void> {
  const owner = await ownerSource(ownerUrl).initialize();
  const app = await appSource(appUrl).initialize();
  try {
    if (await hasPractices(owner)) return;
    await makePractice(owner, DEMO_PRACTICE);
    const put = (kind: RecordKind, record: { id: string }) =>
      putRecord(app, {
        kind,
        practiceId: DEMO_PRACTICE.id,
        sight: DEMO_PRACTICE.id,
        coachId: DEMO_PRACTICE.coaches[0].id,
        writeId: crypto.randomUUID(),
        version: 0,
        record,
      });
    const loadFile = async (file: ClientFile) => {
      for (const { kind, record } of inOrder(file)) await put(kind, bare(record));
      const whose = { practiceId: DEMO_PRACTICE.id, clientId: file.client.id };
      if (file.homeEntries.length > 0)
        await inPractice(app, whose.practiceId, (manager) =>
          keepEntries(manager, whose, file.homeEntries),
        );
    };
    await put('ownDrills', DEMO_OWN_DRILL);
    await put('rooms', DEMO_ROOM);
    for (const file of demoFiles(new Date())) await loadFile(file);
  } finally {
    await Promise.all([owner.destroy(), app.destroy()]);
  }
}

/** Whether the demo's coach can sign in: their password is no secret. */
async function isThere(appUrl: string): Promise<boolean> {
  const app = await appSource(appUrl).initialize();
  try {
    const coaches = DEMO_PRACTICE.coaches.map(({ email }) =>
      app.query('SELECT 1 FROM coach_for_sign_in($1)', [email]),
    );
    return (await Promise.all(coaches)).some((rows: unknown[]) => rows.length > 0);
  } finally {
    await app.destroy();
  }
}

const { OWNER_URL = '', APP_DATABASE_URL = '', ONLY_ASK } = process.env;
if (ONLY_ASK) console.log((await isThere(APP_DATABASE_URL)) ? 'there' : 'not there');
else {
  await load(OWNER_URL, APP_DATABASE_URL);
  console.log(
    `${DEMO_PRACTICE.name} — sign in as ${DEMO_PRACTICE.coaches[0].email} with ${DEMO_PASSWORD}`,
  );
}
