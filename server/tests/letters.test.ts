import { mkdtemp, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { outboxSender } from '../src';
import { remind } from '../src/letters/remind';
import { sendLetter } from '../src/letters/sendLetter';
import {
  coach,
  put,
  newClient,
  newPlan,
  newVisit,
  stranger,
  TestSender,
  useWorld,
  world,
} from './world';

useWorld();
let sender: TestSender;
beforeEach(() => {
  sender = new TestSender();
});

const NOW = new Date('2026-11-23T12:00:00.000Z');
const EMAIL = 'maren@quay.example';
async function planned(part: Parameters<typeof newClient>[0] = {}) {
  const client = newClient({ contact: { email: EMAIL, reminders: true }, ...part });
  const visit = newVisit(client.id, { closedOn: NOW.toISOString() });
  const plan = newPlan(visit);
  await put('clients', { ...client }).expect(201);
  await put('visits', { ...visit }).expect(201);
  await put('homePlans', { ...plan }).expect(201);
  return { client, visit, plan };
}

const planReady = (client: { id: string }, plan: { id: string }) => ({
  id: crypto.randomUUID(),
  clientId: client.id,
  kind: 'plan-ready',
  planId: plan.id,
  dueOn: null,
  askedOn: NOW.toISOString(),
});

const send = (message: { id: string; clientId: string }) =>
  sendLetter(
    { practiceId: world.practices[0].id, clientId: message.clientId, messageId: message.id },
    { source: world.source, sender, now: () => NOW, publicUrl: 'https://rooms.example' },
  );

const kept = async ({ id }: { id: string }) =>
  (await coach.get(`/api/v1/messages/${id}`).expect(200)).body.record;

const tokenIn = (text: string): string => /\/home#([\w-]+)/.exec(text)![1];

describe('a plan that is ready', () => {
  it('goes to its client with a link that opens the page, and says nothing of a body', async () => {
    const { client, plan } = await planned({
      history: [{ what: 'operation', region: 'knee', side: 'left' }],
    });
    const message = planReady(client, plan);
    await put('messages', message).expect(201);
    expect(await kept(message)).toMatchObject({
      delivery: null,
      askedBy: world.practices[0].coaches[0].id,
    });
    await send(message);
    const [letter] = sender.letters;
    expect(letter).toMatchObject({ id: message.id, from: 'saltreach', to: { email: EMAIL } });
    expect(letter.text).toMatch(/^Hello Maren,/);
    expect(`${letter.subject} ${letter.text}`).not.toMatch(
      /knee|operation|ankle|squat|pain|restrict/i,
    );
    const page = await coach
      .get('/api/v1/home?day=2026-11-23')
      .set('Authorization', `Bearer ${tokenIn(letter.text)}`)
      .expect(200);
    expect(page.body).toMatchObject({ client: expect.anything() });
    expect((await kept(message)).delivery).toEqual({
      state: 'sent',
      on: NOW.toISOString(),
      to: EMAIL,
    });
  });

  it('is sent once; a try that died after it sends it under the same id, with one link that holds', async () => {
    const { client, plan } = await planned();
    const message = planReady(client, plan);
    await put('messages', message).expect(201);
    await send(message);
    await send(message);
    expect(sender.letters).toHaveLength(1);
    await world.owner.query('ALTER TABLE message NO FORCE ROW LEVEL SECURITY');
    await world.owner.query('UPDATE message SET delivery = NULL WHERE id = $1', [message.id]);
    await world.owner.query('ALTER TABLE message FORCE ROW LEVEL SECURITY');
    await send(message);
    expect(sender.letters.map(({ id }) => id)).toEqual([message.id, message.id]);
    const [first, second] = sender.letters.map(({ text }) => tokenIn(text));
    const open = (token: string) =>
      coach.get('/api/v1/home?day=2026-11-23').set('Authorization', `Bearer ${token}`);
    await open(first).expect(410);
    await open(second).expect(200);
    const { body } = await coach.get(`/api/v1/clients/${client.id}/links`).expect(200);
    expect(body.links).toHaveLength(1);
  });

  it('keeps no token anywhere but in the letter', async () => {
    const { client, plan } = await planned();
    const message = planReady(client, plan);
    await put('messages', message).expect(201);
    await send(message);
    const token = tokenIn(sender.letters[0].text);
    await world.owner.query('ALTER TABLE message NO FORCE ROW LEVEL SECURITY');
    const [{ found }] = await world.owner.query(
      `SELECT (SELECT count(*) FROM message WHERE message::text LIKE $1)
            + (SELECT count(*) FROM pgboss.job WHERE data::text LIKE $1) AS found`,
      [`%${token}%`],
    );
    await world.owner.query('ALTER TABLE message FORCE ROW LEVEL SECURITY');
    expect(Number(found)).toBe(0);
  });

  it.each([
    ['no-address', { contact: null }],
    ['no-consent', { consent: null }],
  ])('is refused with %s', async (code, part) => {
    const { client, plan } = await planned();
    await put('clients', { ...client, ...part }, 1).expect(200);
    const { body } = await put('messages', planReady(client, plan)).expect(422);
    expect(body).toMatchObject({ code, path: 'clientId' });
  });

  it('is refused while a clinician has to come first, and held back when that is known as it goes', async () => {
    const { client, visit, plan } = await planned();
    const message = planReady(client, plan);
    await put('messages', message).expect(201);
    const asks = [...visit.asks, { on: NOW.toISOString(), positives: ['locks-gives-way'] }];
    const { body: wrote } = await put('visits', { ...visit, asks } as never, 1);
    expect(wrote.record).toBeDefined();
    await send(message);
    expect(sender.letters).toEqual([]);
    expect((await kept(message)).delivery).toMatchObject({ state: 'failed', why: 'held-back' });
    const { body } = await put('messages', planReady(client, plan)).expect(422);
    expect(body.code).toBe('held-back');
  });

  it('is refused for a plan that has ended, and cannot be changed once asked for', async () => {
    const { client, plan } = await planned();
    const message = planReady(client, plan);
    await put('messages', message).expect(201);
    await put('messages', { ...message, askedOn: '2026-01-01T00:00:00.000Z' }, 1).expect(422);
    await put('homePlans', { ...plan, endedOn: NOW.toISOString() }, 1).expect(200);
    const { body } = await put('messages', planReady(client, plan)).expect(422);
    expect(body.code).toBe('no-plan');
  });

  it('takes no word of a device about what became of it', async () => {
    const { client, plan } = await planned();
    const message = planReady(client, plan);
    const delivery = { state: 'sent', on: NOW.toISOString(), to: 'x@y.example' };
    const askedBy = world.practices[1].coaches[0].id;
    await put('messages', { ...message, delivery, askedBy } as never).expect(201);
    expect(await kept(message)).toMatchObject({
      delivery: null,
      askedBy: world.practices[0].coaches[0].id,
    });
  });

  it('is for its own practice: nobody else lists or reads it', async () => {
    const { client, plan } = await planned();
    const message = planReady(client, plan);
    await put('messages', message).expect(201);
    const { body } = await coach.get('/api/v1/letters').expect(200);
    const ids = body.letters.map(({ id }: { id: string }) => id);
    expect(ids).toContain(message.id);
    expect(body.names[client.id]).toBe(client.name);
    expect((await stranger.get('/api/v1/letters').expect(200)).body.letters).toEqual([]);
    await stranger.get(`/api/v1/messages/${message.id}`).expect(404);
    await coach.get('/api/v1/letters?from=x').expect(422);
  });

  it('is kept as failed, with what the service said, when it is refused for good', async () => {
    const { client, plan } = await planned();
    const message = planReady(client, plan);
    await put('messages', message).expect(201);
    sender.answer = async () => ({ status: 'refused', said: 'mailbox unknown' });
    await send(message);
    expect((await kept(message)).delivery).toMatchObject({
      state: 'failed',
      why: 'refused',
      said: 'mailbox unknown',
      to: EMAIL,
    });
  });
});

describe('a look that is due', () => {
  // The first visit was on 23 November and a look is due two weeks after the plan began, on 7 December.
  const remindOn = (day: string) =>
    remind(world.source, world.practices[0].id, new Date(`${day}T08:07:00.000Z`));
  const lettersOf = async ({ id }: { id: string }) =>
    (await coach.get(`/api/v1/clients/${id}/file`).expect(200)).body.messages;

  it.each([
    ['2026-12-04', 0],
    ['2026-12-05', 1],
    ['2026-12-14', 1],
    ['2026-12-15', 0],
  ])('on %s writes %d letters, and no second one when asked again', async (day, count) => {
    const { client } = await planned();
    for (let i = 0; i < 2; i++) await remindOn(day);
    expect(await lettersOf(client)).toHaveLength(count);
    const jobs = await world.owner.query(
      `SELECT 1 FROM pgboss.job WHERE name = 'send-letter' AND data ->> 'clientId' = $1`,
      [client.id],
    );
    expect(jobs).toHaveLength(count);
  });

  it('says when, and opens nothing', async () => {
    const { client } = await planned();
    await remindOn('2026-12-05');
    const [message] = await lettersOf(client);
    expect(message).toMatchObject({ kind: 'review-due', dueOn: '2026-12-07', askedBy: null });
    await send(message);
    expect(sender.letters[0].text).toContain('is due on 7 December');
    expect(sender.letters[0].text).not.toContain('http');
  });

  it.each([
    ['nobody asked for reminders', { contact: { email: EMAIL, reminders: false } }],
    ['there is no address', { contact: null }],
    ['consent was taken back', { consent: null }],
  ])('writes to nobody where %s', async (_why, part) => {
    const { client } = await planned();
    await put('clients', { ...client, ...part }, 1).expect(200);
    await remindOn('2026-12-06');
    expect(await lettersOf(client)).toEqual([]);
  });
});

describe('the simulated outbox', () => {
  let folder: string;
  beforeAll(async () => {
    folder = await mkdtemp(join(tmpdir(), 'taxikine-letters-'));
  });
  afterAll(() => rm(folder, { recursive: true }));

  const letter = {
    id: crypto.randomUUID(),
    from: 'Saltreach Movement Room',
    to: { name: 'Bożena Łukasik', email: EMAIL },
    subject: 'Your week at home is ready',
    text: 'Hello Bożena,\n\nhttps://rooms.example/home#a-token-of-some-length\n',
  };

  it('keeps a letter as a file that any mail program reads, and the same letter once', async () => {
    for (let i = 0; i < 2; i++) await outboxSender(folder).send(letter);
    const files = await readdir(folder);
    expect(files).toEqual([`${letter.id}.eml`]);
    const eml = await readFile(join(folder, files[0]), 'utf8');
    expect(eml).toContain('From: Saltreach Movement Room <letters@taxikine.example>');
    expect(eml).toContain(`<${EMAIL}>`);
    expect(eml).toContain(`Message-ID: <${letter.id}@taxikine.example>`);
    expect(eml).toContain('Subject: Your week at home is ready');
  });

  it('lets go of a letter, and of one that it does not have', async () => {
    const sender = outboxSender(folder);
    const gone = { ...letter, id: crypto.randomUUID() };
    await sender.send(gone);
    await sender.forget([gone.id, crypto.randomUUID()]);
    expect(await readdir(folder)).toEqual([`${letter.id}.eml`]);
  });

  it('refuses and stalls where it is told to', async () => {
    const to = (email: string) =>
      outboxSender(folder).send({ ...letter, to: { ...letter.to, email } });
    expect(await to('x@nobody.example')).toMatchObject({ status: 'refused' });
    await expect(to('x@busy.example')).rejects.toThrow('cannot take a letter now');
  });
});
