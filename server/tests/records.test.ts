import { usualSetup, type HomePlanRecord, type LookRecord, type Pattern } from '@taxikine/core';
import {
  type Agent,
  coach,
  newClient,
  newDrill,
  newLook,
  newPlan,
  newVisit,
  put,
  useWorld,
  write,
} from './world';

useWorld();

async function visitOf(part: Parameters<typeof newVisit>[1] = {}, client = newClient()) {
  const visit = newVisit(client.id, part);
  await put('clients', client).expect(201);
  await put('visits', visit).expect(201);
  return { client, visit };
}

it('writes a record and reads it back as it was, with its version', async () => {
  const client = newClient({
    history: [{ what: 'sprain', region: 'ankle', side: 'right' }],
    segments: { thighM: 0.47 },
  });
  await put('clients', client).expect(201);
  const { body } = await coach.get(`/api/v1/clients/${client.id}`).expect(200);
  expect(body.record).toEqual({ ...client, version: 1 });
});

it('carries out the same write once, however often it is sent', async () => {
  const client = newClient();
  const writeId = crypto.randomUUID();
  const answers = await Promise.all([1, 2, 3, 4].map(() => put('clients', client, 0, writeId)));
  expect(answers.map((answer) => answer.body.record?.version)).toEqual([1, 1, 1, 1]);
  await put('clients', { ...client, name: 'Other' }, 1).expect(200);
  const { body } = await put('clients', client, 0, writeId).expect(200);
  expect(body.record).toMatchObject({ name: 'Other', version: 2 });
});

it('a write id that another record has had writes nothing, and says so', async () => {
  const [one, other] = [newClient(), newClient()];
  const writeId = crypto.randomUUID();
  await put('clients', one, 0, writeId).expect(201);
  await put('clients', other).expect(201);
  const { body } = await put('clients', { ...other, name: 'Changed' }, 1, writeId).expect(422);
  expect(body.path).toBe('writeId');
  expect((await coach.get(`/api/v1/clients/${other.id}`)).body.record).toMatchObject({
    version: 1,
  });
});

it('answers a conflict with both versions and changes nothing', async () => {
  const client = newClient();
  await put('clients', client);
  await put('clients', { ...client, name: 'First' }, 1).expect(200);
  const { body } = await put('clients', { ...client, name: 'Second' }, 1).expect(409);
  expect(body).toMatchObject({
    code: 'conflict',
    theirs: { name: 'First', version: 2 },
    mine: { name: 'Second' },
  });
  expect((await coach.get(`/api/v1/clients/${client.id}`)).body.record.name).toBe('First');
});

it('of two changes at the same moment one wins and one is told', async () => {
  const client = newClient();
  await put('clients', client);
  const answers = await Promise.all(
    ['A', 'B'].map((name) => put('clients', { ...client, name }, 1)),
  );
  expect(answers.map((answer) => answer.status).sort()).toEqual([200, 409]);
});

it.each([
  [
    'broken JSON',
    (agent: Agent, id: string) =>
      agent.put(`/api/v1/clients/${id}`).set('Content-Type', 'application/json').send('{"record":'),
    400,
    'broken-json',
    undefined,
  ],
  [
    'centimetres for metres',
    (agent: Agent, id: string) =>
      agent.put(`/api/v1/clients/${id}`).send(write(newClient({ id, heightM: 172 }))),
    422,
    'invalid',
    'record.heightM',
  ],
  ['an id that is none', (agent: Agent) => agent.get('/api/v1/clients/1'), 422, 'invalid', 'id'],
  [
    'another id in the address',
    (agent: Agent, id: string) => agent.put(`/api/v1/clients/${id}`).send(write(newClient())),
    422,
    'invalid',
    'record.id',
  ],
  [
    'a version for what is not there',
    (agent: Agent, id: string) =>
      agent.put(`/api/v1/clients/${id}`).send(write(newClient({ id }), 3)),
    404,
    'not-found',
    undefined,
  ],
  [
    'too much',
    (agent: Agent, id: string) =>
      agent
        .put(`/api/v1/clients/${id}`)
        .send(write({ ...newClient({ id }), about: 'x'.repeat(1_200_000) })),
    413,
    'too-large',
    undefined,
  ],
  [
    'an unknown address',
    (agent: Agent) => agent.get('/api/v1/nothing'),
    404,
    'no-such-route',
    undefined,
  ],
] as const)('refuses %s in the one error shape', async (_name, send, status, code, path) => {
  const { body } = await send(coach, crypto.randomUUID()).expect(status);
  expect(body).toMatchObject({ code, message: expect.any(String), ...(path ? { path } : {}) });
});

it('half of a write is never left behind', async () => {
  const orphan = newLook(newVisit(crypto.randomUUID()));
  await put('looks', orphan).expect(404);
  await coach.get(`/api/v1/looks/${orphan.id}`).expect(404);
});

it('keeps a record with its client', async () => {
  const [a, b] = [await visitOf(), await visitOf()];
  await put('visits', { ...a.visit, clientId: b.client.id }, 1).expect(422);
});

it('hands out a whole file, and the list with what hangs loose', async () => {
  const { client, visit } = await visitOf();
  await put('looks', newLook(visit)).expect(201);
  const file = (await coach.get(`/api/v1/clients/${client.id}/file`).expect(200)).body;
  expect(file).toMatchObject({
    client: { id: client.id },
    visits: [{ id: visit.id, openedOn: visit.openedOn }],
    looks: [{ visitId: visit.id }],
  });
  const { clients } = (await coach.get('/api/v1/clients').expect(200)).body;
  expect(
    clients.find((line: { client: { id: string } }) => line.client.id === client.id),
  ).toMatchObject({ visits: 1, hanging: { kind: 'mid-visit' } });
});

describe('safety cannot be worked around', () => {
  it('takes no drill before the questions were asked', async () => {
    const { visit } = await visitOf({ asks: [] });
    expect((await put('drills', newDrill(visit)).expect(422)).body).toMatchObject({
      code: 'blocked',
    });
  });

  it('takes no drill while an answer is not cleared, and takes it after', async () => {
    const { client, visit } = await visitOf({
      asks: [{ on: '2026-11-23T11:00:00.000Z', positives: ['night-pain'] }],
    });
    await put('drills', newDrill(visit)).expect(422);
    const clearance = {
      question: 'night-pain' as const,
      reportedIn: visit.id,
      recordedIn: visit.id,
      by: 'Dr. Feld',
      on: '2026-11-23',
      scope: 'squats',
    };
    await put('clients', { ...client, clearances: [clearance] }, 1).expect(200);
    await put('drills', newDrill(visit)).expect(201);
  });

  it('takes no drill that a clinician has not allowed yet, until there is a newer word', async () => {
    const { client, visit } = await visitOf();
    const word = {
      question: 'recent-operation' as const,
      reportedIn: visit.id,
      recordedIn: visit.id,
      by: 'Dr. Feld',
      on: '2026-11-23',
      scope: 'sitting and standing',
    };
    const drill = newDrill(visit, { drill: 'knee-over-outer-toes', side: 'right' });
    const without = { not: ['kneeling' as const] };
    const first = { ...client, clearances: [{ ...word, without }] };
    await put('clients', first, 1).expect(200);
    const { body } = await put('drills', drill).expect(422);
    expect(body.message).toContain('Dr. Feld has not allowed kneeling yet');
    const newer = { ...first, clearances: [...first.clearances, { ...word, scope: 'all of it' }] };
    await put('clients', newer, 2).expect(200);
    await put('drills', drill).expect(201);
  });

  it('takes no drill in another visit either', async () => {
    const { client } = await visitOf({
      asks: [{ on: '2026-11-23T11:00:00.000Z', positives: ['fever'] }],
    });
    const second = newVisit(client.id);
    await put('visits', second).expect(201);
    await put('drills', newDrill(second)).expect(422);
  });

  describe('a plan at home, once a safety answer is not cleared', () => {
    const ENDED = '2026-11-23T11:30:00.000Z';
    async function heldWith(endedOn: string | null) {
      const { visit } = await visitOf();
      const plan = newPlan(visit, { endedOn });
      await put('homePlans', plan).expect(201);
      const asks = [...visit.asks, { on: ENDED, positives: ['night-pain' as const] }];
      await put('visits', { ...visit, asks }, 1).expect(200);
      return plan;
    }

    it.each<[string, string | null, Partial<HomePlanRecord>]>([
      ['opened again', ENDED, { endedOn: null }],
      ['given other drills', null, { drills: [newPlan(newVisit('')).drills[1]] }],
      ['made longer', null, { weeks: 12 }],
    ])('is not %s', async (_name, endedOn, change) => {
      const plan = await heldWith(endedOn);
      const { body } = await put('homePlans', { ...plan, ...change }, 1).expect(422);
      expect(body.code).toBe('blocked');
    });

    it.each<[string, Partial<HomePlanRecord>]>([
      ['ended', { endedOn: ENDED }],
      ['noted on', { note: 'Nothing until we have spoken.' }],
    ])('is %s', async (_name, change) => {
      const plan = await heldWith(null);
      await put('homePlans', { ...plan, ...change }, 1).expect(200);
    });
  });

  it('does not let an answer be taken back', async () => {
    const { visit } = await visitOf({
      asks: [{ on: '2026-11-23T11:00:00.000Z', positives: ['calf-clot'] }],
    });
    const { body } = await put('visits', { ...visit, asks: [] }, 1).expect(422);
    expect(body.path).toBe('asks');
    await put(
      'visits',
      { ...visit, asks: [{ on: '2026-11-23T11:00:00.000Z', positives: [] }] },
      1,
    ).expect(422);
  });

  it('keeps every opinion of the coach on a cause', async () => {
    const { visit } = await visitOf();
    const opinion = {
      cause: 'hip-bend',
      side: 'left',
      says: 'dismissed',
      why: 'moves freely in my hands',
      on: '2026-11-23T11:10:00.000Z',
      byFindings: 0.42,
    } as const;
    await put('visits', { ...visit, opinions: [opinion] }, 1).expect(200);
    const { body } = await put('visits', { ...visit, opinions: [] }, 2).expect(422);
    expect(body.path).toBe('opinions');
    const back = { ...opinion, says: 'open', why: 'measured since' } as const;
    await put('visits', { ...visit, opinions: [opinion, back] }, 2).expect(200);
    await put('visits', { ...visit, opinions: [opinion, { ...back, why: '' }] }, 3).expect(422);
  });

  it('takes no drill without consent', async () => {
    const { visit } = await visitOf({}, newClient({ consent: null }));
    await put('drills', newDrill(visit)).expect(422);
  });
});

describe('a look and the pattern of its visit', () => {
  const seen = (fault: 'range-stops-early' | 'depth-short') =>
    ({ fault, phase: 'bottom', grade: 'plain' }) as const;
  const standing = (pattern: Pattern) => usualSetup(pattern, 1.72);

  it.each([
    ['hinge', { faults: [seen('range-stops-early')] }],
    ['lunge', { faults: [seen('depth-short')] }],
    ['split', { clear: ['thigh-off-calf@left' as const] }],
  ] as const)('a %s takes what is looked for in it', async (pattern, part) => {
    const { visit } = await visitOf({ pattern });
    const look = newLook(visit, {
      setup: standing(pattern),
      ...part,
    } as unknown as Partial<LookRecord>);
    await put('looks', look).expect(201);
  });

  it.each([
    ['hinge', { faults: [seen('depth-short')] }, 'faults.0.fault'],
    ['squat', { clear: ['rear-leg-bends@left' as const] }, 'clear.0'],
    ['split', { setup: standing('squat') }, 'setup.front'],
  ] as const)('a %s refuses what is not, and names the field', async (pattern, part, path) => {
    const { visit } = await visitOf({ pattern });
    const look = newLook(visit, {
      setup: standing(pattern),
      ...part,
    } as unknown as Partial<LookRecord>);
    const { body } = await put('looks', look).expect(422);
    expect(body).toMatchObject({ code: 'invalid', path });
  });

  it('the pattern of a visit cannot change', async () => {
    const { visit } = await visitOf({ pattern: 'hinge' });
    const { body } = await put('visits', { ...visit, pattern: 'squat' }, 1).expect(422);
    expect(body).toMatchObject({ path: 'pattern' });
  });

  it('set-ups are remembered for each pattern', async () => {
    const client = newClient({ setups: { split: standing('split'), squat: standing('squat') } });
    await put('clients', client).expect(201);
    const { body } = await coach.get(`/api/v1/clients/${client.id}`).expect(200);
    expect(body.record.setups).toEqual(client.setups);
    const { body: list } = await coach.get('/api/v1/clients').expect(200);
    const line = list.clients.find(
      (one: { client: { id: string } }) => one.client.id === client.id,
    );
    expect(line).toMatchObject({ lastPattern: null, lastLook: null });
  });
});
