import { RECORD_KINDS, type ClientFile, type RecordKind } from '@taxikine/core';
import { appSource, hasPractices, makePractice, ownerSource, putRecord } from '@taxikine/server';
import { demoFiles, DEMO_PASSWORD, DEMO_PRACTICE } from './index';

/** A record without its version, as it is written. */
function bare<T extends { version: number }>(record: T): Omit<T, 'version'> {
  const { version: _, ...rest } = record;
  return rest;
}

const recordsOf = (file: ClientFile, kind: RecordKind) =>
  kind === 'clients' ? [file.client] : file[kind];

/** Through the same door as every other write, so the demo cannot hold what the app would refuse. */
async function load(ownerUrl: string, appUrl: string): Promise<void> {
  const owner = await ownerSource(ownerUrl).initialize();
  const app = await appSource(appUrl).initialize();
  try {
    if (await hasPractices(owner)) return;
    await makePractice(owner, DEMO_PRACTICE);
    for (const file of demoFiles(new Date()))
      for (const kind of RECORD_KINDS)
        for (const record of recordsOf(file, kind))
          await putRecord(app, {
            kind,
            practiceId: DEMO_PRACTICE.id,
            writeId: crypto.randomUUID(),
            version: 0,
            record: bare(record),
          });
  } finally {
    await Promise.all([owner.destroy(), app.destroy()]);
  }
}

await load(process.env.OWNER_URL ?? '', process.env.APP_DATABASE_URL ?? '');
console.log(
  `${DEMO_PRACTICE.name} — sign in as ${DEMO_PRACTICE.coaches[0].email} with ${DEMO_PASSWORD}`,
);
