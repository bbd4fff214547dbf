import type { HomeEntry } from '@taxikine/core';
import { Client } from 'pg';
import type { DataSource } from 'typeorm';
import { appSource, inPractice } from '../src';
import { keepEntries } from '../src/home/keepEntries';
import { putRecord, type Write } from '../src/records/putRecord';
import { everything } from './filled';
import { newClient, useWorld, world } from './world';

/** A standby that every commit waits for, and that is not there. */
const GHOST = 'nobody_of_this_name';
const PATIENCE = { connection: 400, statement: 500, lock: 300, idle: 5000, commit: 300 };

async function wait(whom: string): Promise<void> {
  const admin = new Client({ connectionString: process.env.TEST_ADMIN_URL });
  await admin.connect();
  await admin.query(`ALTER SYSTEM SET synchronous_standby_names = '${whom}'`);
  await admin.query('SELECT pg_reload_conf()');
  await admin.end();
}

useWorld();
let source: DataSource;

// Other tests of the cluster wait for nobody: there, a commit is not even on a disk.
beforeAll(async () => {
  const url = `${world.databases.appUrl}?options=-c%20synchronous_commit%3Don`;
  source = await appSource(url, PATIENCE).initialize();
});
afterEach(() => wait(''));
afterAll(() => source.destroy());

const writeOf = (record: { id: string }): Write => ({
  kind: 'clients',
  practiceId: world.practices[0].id,
  sight: world.practices[0].id,
  coachId: world.practices[0].coaches[0].id,
  writeId: crypto.randomUUID(),
  version: 0,
  record,
});

const UNSAFE = { status: 503, shape: { code: 'not-safe-yet' } };

it('a write that no standby has is not said to be kept, however often it is sent, until one has it', async () => {
  await wait(GHOST);
  const write = writeOf(newClient());
  await expect(putRecord(source, write)).rejects.toMatchObject(UNSAFE);
  // It stands in the database by now; this machine may be gone all the same.
  await expect(putRecord(source, write)).rejects.toMatchObject(UNSAFE);
  await wait('');
  const { record, created } = await putRecord(source, write);
  expect({ version: record.version, created }).toEqual({ version: 1, created: false });
});

it('a word from home that no standby has is not said to be kept, either', async () => {
  const { client, plan } = await everything();
  const entry: HomeEntry = {
    id: crypto.randomUUID(),
    planId: plan.id,
    planVersion: 1,
    on: '2026-11-23',
    said: '2026-11-23T08:00:00.000Z',
    kind: 'morning',
    worse: false,
  };
  const practiceId = world.practices[0].id;
  const say = () =>
    inPractice(source, practiceId, (manager) =>
      keepEntries(manager, { practiceId, clientId: client.id }, [entry]),
    );
  await wait(GHOST);
  await expect(say()).rejects.toMatchObject(UNSAFE);
  await expect(say()).rejects.toMatchObject(UNSAFE);
  await wait('');
  expect((await say()).kept).toEqual([entry.id]);
});
