import type { VisitRecord } from '@taxikine/core';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { inPractice, keepEntries } from '../src';
import { Image } from '../src/database/entities/Image';
import { everything, waiting, writtenTo } from './filled';
import { joined } from './joining';
import { archive, changed, lose, nameOf, own, restore, type ArchivedClient } from './restoring';
import {
  type Agent,
  coach,
  newClient,
  newDrill,
  newLook,
  newPlan,
  newVisit,
  NOON,
  put,
  signIn,
  useWorld,
  world,
  SHARP_KNEE,
  write,
} from './world';

useWorld();

describe('what comes back', () => {
  it('is as it was, and what is there is not touched', async () => {
    const { client } = await everything();
    const { client: kept } = await everything();
    const before = (await coach.get(`/api/v1/clients/${client.id}/file`).expect(200)).body;
    const bytes = await archive(client.id, kept.id);
    await lose(client.id);
    await put('clients', { ...kept, goal: 'changed since' } as never, 1).expect(200);
    const restored = await restore(bytes);
    expect(restored).toMatchObject({ state: 'done', made: 1, refused: 0, closed: 0, problems: [] });
    expect(restored.read).toBe(restored.clients);
    expect(await waiting(client.id)).toEqual(['roll-up']);
    expect((await coach.get(`/api/v1/clients/${client.id}/file`).expect(200)).body).toEqual(before);
    const { record } = (await coach.get(`/api/v1/clients/${kept.id}`).expect(200)).body;
    expect(record.goal).toBe('changed since');
    expect(await restore(bytes)).toMatchObject({ made: 0 });
    expect((await coach.get('/api/v1/clients?search=signe')).body.clients.length).toBeGreaterThan(
      1,
    );
  });

  it('a letter that had not gone out does not go out from where it was put back', async () => {
    const { client, letter } = await writtenTo();
    const bytes = await archive(client.id);
    await lose(client.id);
    await restore(bytes);
    const { body } = await coach.get(`/api/v1/messages/${letter.id}`).expect(200);
    expect(body.record).toMatchObject({ delivery: { state: 'failed', why: 'moved' } });
    expect(await waiting(letter.id)).not.toContain('send-letter');
  });

  describe('a client who was kept to a coach', () => {
    const keeperOf = async (clientId: string) =>
      (await coach.get(`/api/v1/clients/${clientId}/keeping`).expect(200)).body.keeper;
    /** Kept to somebody, lost, and what an archive has of them. */
    async function keptAndLost() {
      const { client } = await everything();
      const keeper = await joined();
      const path = `/api/v1/clients/${client.id}/keeping`;
      await coach.put(path).send({ to: keeper.id }).expect(200);
      const bytes = await archive(client.id);
      await lose(client.id);
      return { client, keeper, bytes };
    }

    it('is kept to them again', async () => {
      const { client, keeper, bytes } = await keptAndLost();
      const other = await joined();
      await restore(bytes);
      expect(await keeperOf(client.id)).toMatchObject({ id: keeper.id });
      await other.agent.get(`/api/v1/clients/${client.id}/file`).expect(404);
    });

    it('is kept to the owner who puts them back where that coach is not let in any more', async () => {
      const { client, keeper, bytes } = await keptAndLost();
      const leaving = { role: 'coach', ended: true, handTo: 'all' };
      await coach.put(`/api/v1/people/${keeper.id}`).send(leaving).expect(204);
      await restore(bytes);
      const [{ coaches }] = world.practices;
      expect(await keeperOf(client.id)).toMatchObject({ id: coaches[0]!.id });
    });

    it('and open since is not kept again by an archive', async () => {
      const { client } = await everything();
      const path = `/api/v1/clients/${client.id}/keeping`;
      await coach
        .put(path)
        .send({ to: (await joined()).id })
        .expect(200);
      const bytes = await archive(client.id);
      await coach.put(path).send({ to: null }).expect(200);
      expect(await restore(bytes)).toMatchObject({ known: 1 });
      expect(await keeperOf(client.id)).toBeNull();
    });
  });

  it('who was erased stays erased', async () => {
    const { client } = await everything();
    const bytes = await archive(client.id);
    await coach.post(`/api/v1/clients/${client.id}/erase`).send({ name: client.name }).expect(204);
    expect(await restore(bytes)).toMatchObject({ made: 0, erased: 1 });
    await coach.get(`/api/v1/clients/${client.id}/file`).expect(404);
  });

  it('a database that was put back from a copy learns who was erased, and erases them again', async () => {
    const { client } = await everything();
    const { client: other } = await everything();
    await coach.post(`/api/v1/clients/${client.id}/erase`).send({ name: client.name }).expect(204);
    const bytes = await archive(other.id);
    // The copy was made before: the client is here again, and nothing is known of an erasure.
    await world.owner.query('ALTER TABLE erasure NO FORCE ROW LEVEL SECURITY');
    await world.owner.query('DELETE FROM erasure');
    await world.owner.query('ALTER TABLE erasure FORCE ROW LEVEL SECURITY');
    await put('clients', client).expect(201);
    expect(await restore(bytes)).toMatchObject({ state: 'done', known: 1, erasedAgain: 1 });
    await coach.get(`/api/v1/clients/${client.id}/file`).expect(404);
    const { erasures } = (await coach.get('/api/v1/erasures').expect(200)).body;
    expect(erasures.map((one: { clientId: string }) => one.clientId)).toContain(client.id);
    expect(await restore(bytes)).toMatchObject({ erasedAgain: 0 });
  });

  it('another practice that is given an archive has its own from then on, and ours stays ours', async () => {
    const { client } = await everything();
    const stranger = await signIn(world, 'elsewhere');
    const file = async (who: Agent) =>
      (await who.get(`/api/v1/clients/${client.id}/file`).expect(200)).body;
    const before = await file(coach);
    const restored = await restore(await archive(client.id), stranger);
    expect(restored).toMatchObject({ state: 'done', made: restored.clients, refused: 0 });
    expect((await file(stranger)).looks).toEqual(before.looks);
    await stranger
      .put(`/api/v1/clients/${client.id}`)
      .send(write({ ...client, goal: 'theirs' } as never, 1))
      .expect(200);
    await stranger
      .post(`/api/v1/clients/${client.id}/erase`)
      .send({ name: client.name })
      .expect(204);
    expect(await file(coach)).toEqual(before);
  });

  it.each(['visits', 'homeEntries'] as const)(
    'what bears an id that is another client’s here is not left out without a word: %s',
    async (kind) => {
      const { client } = await everything();
      const { id: theirs } = await theirsOf(kind);
      const bytes = await changed(({ file }) => {
        // Nothing hangs on it, so that nothing else gives it away.
        const [first] = file[kind];
        (file[kind] as object[]).push({ ...first, id: theirs });
      }, client.id);
      const restored = await restore(bytes);
      expect(restored).toMatchObject({ state: 'done', made: 0, known: 0, refused: 1 });
      expect(restored.problems[0].message).toContain(theirs);
    },
  );

  it('an archive from before a list was kept is read without it', async () => {
    const { client } = await everything();
    const bytes = await changed((document) => {
      Reflect.deleteProperty(document.file, 'messages');
      Reflect.deleteProperty(document, 'images');
    }, client.id);
    await lose(client.id);
    expect(await restore(bytes)).toMatchObject({ made: 1, refused: 0 });
    await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
  });
});

/** A record of another client. */
async function theirsOf(kind: 'visits' | 'homeEntries'): Promise<{ id: string }> {
  const client = newClient();
  const visit = newVisit(client.id);
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  await coach.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(201);
  if (kind === 'visits') return visit;
  const plan = newPlan(visit);
  await coach.put(`/api/v1/homePlans/${plan.id}`).send(write(plan)).expect(201);
  const [id, practiceId] = [crypto.randomUUID(), world.practices[0].id];
  const said = '2026-11-23T08:00:00.000Z';
  const entry = { id, planId: plan.id, planVersion: 1, on: '2026-11-23', said } as const;
  await inPractice(world.source, practiceId, (manager) =>
    keepEntries(manager, { practiceId, clientId: client.id }, [
      { ...entry, kind: 'morning', worse: false },
    ]),
  );
  return { id };
}

describe('pictures', () => {
  const JPEG = Buffer.from([0xff, 0xd8, 0xff, 0xdb, 0, 4, 1, 2, 0xff, 0xda, 0, 2]);

  async function pictured() {
    const { client, visit } = await everything();
    const image = { id: crypto.randomUUID(), clientId: client.id, visitId: visit.id };
    await put('images', { ...image, jpeg: JPEG.toString('base64') }).expect(201);
    return { client, image, name: `pictures/${image.id}.jpg` };
  }
  const kept = (id: string) => own((manager) => manager.findOneBy(Image, { id }));

  it('lie beside as they are, and come back', async () => {
    const { client, image, name } = await pictured();
    const bytes = await archive(client.id);
    expect(Buffer.from(unzipSync(bytes)[name])).toEqual(JPEG);
    await lose(client.id);
    expect(await restore(bytes)).toMatchObject({ made: 1, refused: 0 });
    expect(await kept(image.id)).toMatchObject({ jpeg: JPEG.toString('base64'), version: 1 });
  });

  it('come back from an archive that has them in the client’s file', async () => {
    const { client, image } = await pictured();
    const bytes = await changed(({ images }) => {
      images[0].jpeg = JPEG.toString('base64');
    }, client.id);
    const { [`pictures/${image.id}.jpg`]: _, ...old } = unzipSync(bytes);
    await lose(client.id);
    expect(await restore(zipSync(old))).toMatchObject({ made: 1, refused: 0 });
    expect(await kept(image.id)).toMatchObject({ jpeg: JPEG.toString('base64') });
  });

  it.each<[string, Uint8Array | null]>([
    ['that is not there', null],
    ['that is none', strToU8('no picture')],
  ])('one %s is told, and nothing of its client is half there', async (_name, picture) => {
    const { client, name } = await pictured();
    const { [name]: _, ...files } = unzipSync(await archive(client.id));
    await lose(client.id);
    const restored = await restore(zipSync(picture ? { ...files, [name]: picture } : files));
    expect(restored.problems.map(({ path }) => path.split('.jpg')[0] + '.jpg')).toEqual([name]);
    await coach.get(`/api/v1/clients/${client.id}/file`).expect(404);
  });
});

describe('the gate', () => {
  const ASKED = '2026-11-23T11:00:00.000Z';
  const held = (positives: VisitRecord['asks'][number]['positives']) => ({
    asks: [{ on: ASKED, positives }],
  });

  /** A client with a planned drill and a plan at home, lost since, and the archive that has them. */
  async function lost(change: (document: ArchivedClient) => void) {
    const client = newClient({ name: 'Signe Lund' });
    const visit = newVisit(client.id);
    const [drill, plan] = [newDrill(visit), newPlan(visit)];
    await put('clients', client).expect(201);
    await put('visits', visit).expect(201);
    await put('drills', drill).expect(201);
    await put('homePlans', plan).expect(201);
    const bytes = await changed(change, client.id);
    await lose(client.id);
    return { client, visit, drill, plan, bytes };
  }
  const fileOf = async (id: string) => (await coach.get(`/api/v1/clients/${id}/file`)).body;

  it.each<[string, (document: ArchivedClient) => void]>([
    ['a safety answer', ({ file }) => void Object.assign(file.visits[0], held(['night-pain']))],
    ['no consent', ({ file }) => void Object.assign(file.client, { consent: null })],
  ])('with %s, open drills and plans of an archive are ended', async (_name, change) => {
    const { client, bytes } = await lost(change);
    expect(await restore(bytes)).toMatchObject({ made: 1, closed: 1 });
    const { drills, homePlans } = await fileOf(client.id);
    expect(drills[0]).toMatchObject({ status: 'skipped', version: 2 });
    expect(homePlans[0]).toMatchObject({ endedOn: NOON.toISOString(), version: 2 });
  });

  it('also when the answer was given here, since', async () => {
    const { client, visit, bytes } = await lost(() => undefined);
    await put('clients', client).expect(201);
    await put('visits', { ...visit, ...held(['night-pain']) }).expect(201);
    expect(await restore(bytes)).toMatchObject({ known: 1, closed: 1 });
    const { drills, homePlans } = await fileOf(client.id);
    expect([drills[0].status, homePlans[0].endedOn]).toEqual(['skipped', NOON.toISOString()]);
  });

  it('what was here and is held back stays as it was', async () => {
    const { client, visit, plan } = await everything();
    const asks = [...visit.asks, ...held(['night-pain']).asks];
    await put('visits', { ...visit, asks }, 1).expect(200);
    expect(await restore(await archive(client.id))).toMatchObject({ known: 1, closed: 0 });
    const { drills, homePlans } = await fileOf(client.id);
    expect([drills[0].status, homePlans[0]]).toMatchObject([
      'planned',
      { id: plan.id, version: 1 },
    ]);
  });

  const RUNG = { rung: 'sides-5', kg: null, met: null };
  it.each<[string, object, object]>([
    ['a drill', { drill: 'slow-step-down', side: 'left' }, { pain: [SHARP_KNEE] }],
    ['a rung', { drill: 'front-foot-high-split', side: 'left', rung: RUNG }, {}],
  ])('%s that a pain or a flag keeps out is ended alone', async (_name, drill, look) => {
    const { client, bytes } = await lost(({ file }) => {
      Object.assign(file.client, { flags: ['neuropathy'] });
      Object.assign(file.drills[0], drill);
      file.looks.push({ ...newLook(file.visits[0] as VisitRecord, look), version: 1 });
    });
    expect(await restore(bytes)).toMatchObject({ made: 1, closed: 1, problems: [] });
    const { drills, homePlans } = await fileOf(client.id);
    expect([drills[0].status, homePlans[0].endedOn]).toEqual(['skipped', null]);
  });

  it('a look that does not go with its visit is refused by its field', async () => {
    const { client, bytes } = await lost(({ file }) => {
      const foreign = {
        fault: 'rear-leg-bends',
        side: 'left',
        phase: 'bottom',
        grade: 'plain',
      } as const;
      file.looks.push({
        ...newLook(file.visits[0] as VisitRecord, { faults: [foreign] }),
        version: 1,
      });
    });
    expect((await restore(bytes)).problems).toMatchObject([
      { path: `${nameOf(client.id)}.file.looks.0.faults.0.fault` },
    ]);
    await coach.get(`/api/v1/clients/${client.id}/file`).expect(404);
  });

  it('of a client who is not held back, they stay open', async () => {
    const { client, bytes } = await lost(() => undefined);
    expect(await restore(bytes)).toMatchObject({ made: 1, closed: 0 });
    const { drills, homePlans } = await fileOf(client.id);
    expect([drills[0].status, homePlans[0].endedOn]).toEqual(['planned', null]);
  });
});
