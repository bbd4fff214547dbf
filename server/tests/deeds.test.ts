import { DEEDS, type Deed, type DeedShown } from '@taxikine/core';
import { ServerResponse } from 'node:http';
import request from 'supertest';
import { inPractice } from '../src';
import { FileReads } from '../src/http/FileReads';
import { noteDeed } from '../src/audit/noteDeed';
import { sendArchive } from '../src/archives/sendArchive';
import { MOST_TRIES } from '../src/auth/tries';
import { makePaper } from '../src/papers/makePaper';
import { everything } from './filled';
import { FACTOR, withFactor } from './factors';
import { invited, joined, signedInAs } from './joining';
import { PASSKEYS, withPasskey } from './passkeys';
import { archive, restore } from './restoring';
import {
  type Agent,
  coach,
  keep,
  newClient,
  NOON,
  packNext,
  PASSWORD,
  runNext,
  stranger,
  useWorld,
  world,
} from './world';

useWorld({ madeWithinMs: 60_000 });

beforeEach(() => world.owner.query('DELETE FROM failed_try'));

const listed = async (as: Agent = coach, before?: string) =>
  (
    await as
      .get('/api/v1/practice/deeds')
      .query(before ? { before } : {})
      .expect(200)
  ).body as {
    deeds: DeedShown[];
    more: boolean;
  };
const newest = async (deed: Deed) => (await listed()).deeds.find((one) => one.deed === deed);

const oneClient = async () => {
  const client = newClient();
  await keep('clients', client);
  return client;
};

/** Done before there is anybody who could look: `founding.test.ts` does. */
const BEFORE = 'founded';
type Done = Exclude<Deed, typeof BEFORE>;

/** What leads to each deed, and what is told of it. */
const DONE: Readonly<Record<Done, () => Promise<object>>> = {
  'signed-in': async () => {
    await signedInAs('coach@saltreach.example', PASSWORD);
    return { by: 'saltreach', to: null };
  },
  'signed-out': async () => {
    const { agent } = await joined();
    await agent.delete('/api/v1/session').expect(204);
    return { by: 'Tobiah Renn' };
  },
  'session-ended': async () => {
    const { agent, email } = await joined();
    await signedInAs(email);
    await agent.delete('/api/v1/account/sessions').expect(204);
    return { by: 'Tobiah Renn' };
  },
  'factor-on': async () => {
    await withFactor();
    return { by: 'Tobiah Renn', to: null };
  },
  'factor-off': async () => {
    const { agent } = await withFactor();
    await agent.delete(FACTOR).expect(204);
    return { by: 'Tobiah Renn', to: null };
  },
  'recovery-used': async () => {
    const { email, codes } = await withFactor();
    await signedInAs(email, undefined, codes[0]);
    return { by: 'Tobiah Renn' };
  },
  'recovery-renewed': async () => {
    const { agent } = await withFactor();
    await agent.post(`${FACTOR}/recovery`).send({}).expect(200);
    return { by: 'Tobiah Renn' };
  },
  'passkey-added': async () => {
    await withPasskey();
    return { by: 'Tobiah Renn', to: null };
  },
  'passkey-removed': async () => {
    const { agent } = await withPasskey();
    const [{ id }] = (await agent.get(PASSKEYS).expect(200)).body.passkeys;
    await agent.delete(`${PASSKEYS}/${id}`).expect(204);
    return { by: 'Tobiah Renn', to: null };
  },
  'guessed-at': async () => {
    const { email } = await joined();
    for (let i = 0; i < MOST_TRIES.account; i++) {
      await signedInAs(email, `wrong ${i}`);
      await world.owner.query("DELETE FROM failed_try WHERE key LIKE 'accountFromPlace:%'");
    }
    return { by: 'Tobiah Renn' };
  },
  'name-changed': async () => {
    const { agent } = await joined();
    const was = (await agent.get('/api/v1/session').expect(200)).body.coach.name;
    await agent.put('/api/v1/account/name').send({ name: 'Another Name' }).expect(200);
    return { by: 'Another Name', to: null, detail: was };
  },
  'password-changed': async () => {
    const { agent } = await joined();
    const said = { current: 'seven quiet herons', next: 'eight loud gannets' };
    await agent.post('/api/v1/account/password').send(said).expect(200);
    return { by: 'Tobiah Renn' };
  },
  'password-chosen': async () => {
    await joined();
    return { by: 'Tobiah Renn' };
  },
  'reset-asked': async () => {
    const { email } = await joined();
    const asked = request(world.app).post('/api/v1/welcome/letter').set('X-Taxikine', '1');
    await asked.send({ email }).expect(202);
    return { by: 'Tobiah Renn' };
  },
  'file-read': async () => {
    const { client } = await everything();
    for (let i = 0; i < 3; i++) await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
    return { to: client.id, name: client.name };
  },
  'client-exported': async () => {
    const { client } = await everything();
    const path = `/api/v1/clients/${client.id}/export.zip`;
    await Promise.all([coach.get(path).expect(200), packNext(world)]);
    return { to: client.id };
  },
  'practice-exported': async () => {
    await archive();
    return { to: null };
  },
  'practice-restored': async () => {
    await restore(await archive());
    return { to: null };
  },
  erased: async () => {
    const { client } = await everything();
    await coach.post(`/api/v1/clients/${client.id}/erase`).send({ name: client.name }).expect(204);
    return { to: client.id, name: null };
  },
  'report-made': async () => {
    const { client, visit } = await everything();
    await Promise.all([
      coach.get(`/api/v1/visits/${visit.id}/report.pdf`),
      runNext(world, 'make-paper', (data, source) => makePaper(source, data, () => NOON)),
    ]);
    return { to: client.id };
  },
  'handout-made': async () => {
    const { client } = await everything();
    await Promise.all([
      coach.get(`/api/v1/clients/${client.id}/handout.pdf`),
      runNext(world, 'make-paper', (data, source) => makePaper(source, data, () => NOON)),
    ]);
    return { to: client.id };
  },
  'client-kept': async () => {
    const { agent, id: by } = await joined();
    const { id } = await oneClient();
    await agent.put(`/api/v1/clients/${id}/keeping`).send({ to: by }).expect(200);
    return { by: 'Tobiah Renn', to: id, detail: 'Tobiah Renn' };
  },
  'client-opened': async () => {
    const { agent, id: by } = await joined();
    const { id } = await oneClient();
    await agent.put(`/api/v1/clients/${id}/keeping`).send({ to: by }).expect(200);
    await coach.put(`/api/v1/clients/${id}/keeping`).send({ to: null }).expect(200);
    return { by: 'saltreach', to: id };
  },
  'handed-over': async () => {
    const { id: from } = await joined();
    const { id } = await oneClient();
    await coach.put(`/api/v1/clients/${id}/keeping`).send({ to: from }).expect(200);
    const leaving = { role: 'coach', ended: true, handTo: 'all' };
    await coach.put(`/api/v1/people/${from}`).send(leaving).expect(204);
    return { by: 'saltreach', to: from, detail: 'all' };
  },
  'consent-worded': async () => {
    const text = 'I agree that this practice keeps notes about me.';
    const { body } = await coach.post('/api/v1/practice/wordings').send({ text }).expect(201);
    return { to: null, detail: body.version };
  },
  'settings-changed': async () => {
    const settings = { name: 'saltreach', idleMin: 15 };
    await coach.put('/api/v1/practice/settings').send(settings).expect(200);
    return { by: 'saltreach', to: null };
  },
  'link-made': async () => {
    const { client } = await everything();
    return { to: client.id, detail: 'page' };
  },
  'link-closed': async () => {
    const { client } = await everything();
    const path = `/api/v1/clients/${client.id}/links`;
    const { links } = (await coach.get(path).expect(200)).body;
    await coach.delete(`${path}/${links[0].id}`).expect(204);
    return { to: client.id };
  },
  invited: async () => ({ to: (await invited()).id, name: 'Tobiah Renn', detail: 'coach' }),
  'invited-again': async () => {
    const { id } = await invited();
    await coach.post(`/api/v1/people/${id}/link`).expect(201);
    return { to: id };
  },
  'role-changed': async () => {
    const { id } = await joined();
    await coach.put(`/api/v1/people/${id}`).send({ role: 'owner', ended: false }).expect(204);
    return { to: id, detail: 'owner' };
  },
  'let-go': async () => {
    const { id } = await joined();
    await coach.put(`/api/v1/people/${id}`).send({ role: 'coach', ended: true }).expect(204);
    return { to: id };
  },
  'let-in-again': async () => {
    const { id } = await joined();
    for (const ended of [true, false])
      await coach.put(`/api/v1/people/${id}`).send({ role: 'coach', ended }).expect(204);
    return { to: id };
  },
  'deeds-exported': async () => {
    const { text } = await coach.get('/api/v1/practice/deeds.csv').expect(200);
    expect(text.split('\r\n')[0]).toBe('on,by,deed,to,name,detail');
    return { by: 'saltreach' };
  },
};

it.each(DEEDS.filter((deed): deed is Done => deed !== BEFORE))('%s is kept', async (deed) => {
  const wanted = await DONE[deed]();
  expect(await newest(deed)).toMatchObject({ deed, ...wanted });
});

it('a file that is read again and again is kept as read once', async () => {
  const { client } = await everything();
  for (let i = 0; i < 3; i++) await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
  const { deeds } = await listed();
  expect(deeds.filter(({ to, deed }) => to === client.id && deed === 'file-read')).toHaveLength(1);
});

it('a file that is asked for many times at once is kept as read once, by every process together', async () => {
  const { client } = await everything();
  const [one, other] = [new FileReads(world.source), new FileReads(world.source)];
  const who = (await coach.get('/api/v1/session').expect(200)).body;
  const reads = [one, other, one, other, one, other];
  await Promise.all(reads.map((process) => process.note(who, client.id)));
  const { deeds } = await listed();
  expect(deeds.filter(({ to, deed }) => to === client.id && deed === 'file-read')).toHaveLength(1);
});

it('an archive that is slow is kept as taken out once, however often it is asked for', async () => {
  const { client } = await everything();
  const path = `/api/v1/clients/${client.id}/export.zip`;
  const taken = { practiceId: world.practices[0].id, clientId: client.id, name: 'client.zip' };
  const { id: coachId } = world.practices[0].coaches[0];
  const ask = () =>
    sendArchive(world.source, new ServerResponse({ method: 'GET' } as never) as never, {
      ...{ ...taken, coachId },
      now: NOON,
      withinMs: 20,
    });
  for (let i = 0; i < 3; i++)
    await expect(ask()).rejects.toMatchObject({ shape: { code: 'still-making' } });
  await Promise.all([coach.get(path).expect(200), packNext(world)]);
  const { deeds } = await listed();
  expect(
    deeds.filter(({ to, deed }) => to === client.id && deed === 'client-exported'),
  ).toHaveLength(1);
});

it('what did not come about is not kept', async () => {
  const { client } = await everything();
  await coach.post(`/api/v1/clients/${client.id}/erase`).send({ name: 'Somebody' }).expect(422);
  const { deeds } = await listed();
  expect(deeds.some(({ to, deed }) => to === client.id && deed === 'erased')).toBe(false);
});

it('is told page by page, each deed once and the newest first', async () => {
  const { id: by } = world.practices[0].coaches[0];
  await inPractice(world.source, world.practices[0].id, async (manager) => {
    for (let i = 0; i < 70; i++) await noteDeed(manager, { by, deed: 'signed-out' });
  });
  const all: DeedShown[] = [];
  for (let more = true; more;) {
    const page = await listed(coach, all.at(-1)?.id);
    all.push(...page.deeds);
    more = page.more;
  }
  expect(new Set(all.map((one) => one.id)).size).toBe(all.length);
  expect(all.map(({ on }) => on)).toEqual(
    all
      .map(({ on }) => on)
      .sort()
      .reverse(),
  );
});

it('is no other practice’s to see', async () => {
  const { deeds } = await listed(stranger);
  expect(deeds.every(({ by }) => by === 'elsewhere')).toBe(true);
});

it.each(["UPDATE deed SET deed = 'erased'", 'DELETE FROM deed', 'TRUNCATE deed'])(
  'the serving role cannot: %s',
  async (sql) => {
    await expect(
      inPractice(world.source, world.practices[0].id, (manager) => manager.query(sql)),
    ).rejects.toThrow(/permission denied/);
  },
);
