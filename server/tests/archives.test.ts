import { unzipSync } from 'fflate';
import { inPractice } from '../src';
import { inParts } from '../src/archives/inParts';
import { makeArchive } from '../src/archives/makeArchive';
import { tidyArchives } from '../src/archives/tidyArchives';
import { Archive } from '../src/database/entities/Archive';
import { ArchivePart } from '../src/database/entities/ArchivePart';
import { zipped, type ZipEntry } from '../src/leave/zipped';
import {
  coach,
  fileFrom,
  newClient,
  packNext,
  signIn,
  useWorld,
  workOn,
  world,
  write,
} from './world';

useWorld({ madeWithinMs: 1500 });

const PRACTICE = '/api/v1/practice/export.zip';

async function make(about = 'in a test') {
  const client = newClient({ about });
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  return client;
}

const own = <T>(work: Parameters<typeof inPractice<T>>[2]) =>
  inPractice(world.source, world.practices[0].id, work);
const kept = () =>
  own(async (manager) => [await manager.count(Archive), await manager.count(ArchivePart)]);

it.each([
  [[], 4, []],
  [[3], 4, [3]],
  [[4], 4, [4]],
  [[3, 1, 3], 4, [4, 3]],
  [[9, 1], 4, [9, 1]],
])('chunks of %j in parts of %d come as %j', async (chunks, size, parts) => {
  async function* bytes() {
    for (const length of chunks) yield new Uint8Array(length);
  }
  const lengths = [];
  for await (const part of inParts(bytes(), size)) lengths.push(part.length);
  expect(lengths).toEqual(parts);
});

it('packs file by file what any program unpacks', async () => {
  const entries: ZipEntry[] = [
    { name: 'a.txt', bytes: Buffer.from('a'.repeat(100_000)) },
    { name: 'b/c.jpg', bytes: Buffer.from([1, 2, 3]), stored: true },
    { name: 'empty', bytes: new Uint8Array(0) },
  ];
  const packed = [];
  for await (const bytes of zipped(entries)) packed.push(bytes);
  const files = unzipSync(Buffer.concat(packed));
  expect(Object.keys(files)).toEqual(['a.txt', 'b/c.jpg', 'empty']);
  expect(files['a.txt']).toHaveLength(100_000);
  expect([...files['b/c.jpg']]).toEqual([1, 2, 3]);
});

it('is fetched once, and nothing of it stays', async () => {
  const client = await make();
  const end = await workOn(world);
  const { bytes, headers } = await fileFrom(coach, PRACTICE);
  await end();
  expect(headers['content-disposition']).toContain('practice.zip');
  expect(Object.keys(unzipSync(bytes))).toContain(`clients/${client.id}.json`);
  expect(await kept()).toEqual([0, 0]);
});

it('two who ask at once get one each, whole', async () => {
  const end = await workOn(world);
  const both = await Promise.all([fileFrom(coach, PRACTICE), fileFrom(coach, PRACTICE)]);
  await end();
  for (const { bytes } of both) expect(Object.keys(unzipSync(bytes))).toContain('practice.json');
  expect(await kept()).toEqual([0, 0]);
});

it('without a worker it is said to be under way, and the next request takes it over', async () => {
  const { body } = await coach.get(PRACTICE).expect(503);
  expect(body.code).toBe('still-making');
  const [{ bytes }] = await Promise.all([fileFrom(coach, PRACTICE), packNext(world)]);
  expect(Object.keys(unzipSync(bytes))).toContain('practice.json');
  expect(await kept()).toEqual([0, 0]);
});

it('one that cannot be made is said not to be, and the next request makes its own', async () => {
  const broken = packNext(world, async (source, asked) => {
    await inPractice(source, asked.practiceId, (manager) =>
      manager.update(Archive, { id: asked.archiveId }, { state: 'failed' }),
    );
  });
  const [{ body }] = await Promise.all([coach.get(PRACTICE).expect(500), broken]);
  expect(body.code).toBe('archive-failed');
  const [{ bytes }] = await Promise.all([fileFrom(coach, PRACTICE), packNext(world)]);
  expect(Object.keys(unzipSync(bytes))).toContain('practice.json');
});

it('one that breaks off in the middle is not taken for whole', async () => {
  const broken = packNext(world, async (source, { practiceId, archiveId }) => {
    await inPractice(source, practiceId, (manager) =>
      manager.insert(ArchivePart, { archiveId, practiceId, place: 0, bytes: Buffer.from('PK') }),
    );
    await inPractice(source, practiceId, (manager) =>
      manager.update(Archive, { id: archiveId }, { state: 'failed' }),
    );
  });
  const asked = fileFrom(coach, PRACTICE);
  await Promise.all([expect(asked).rejects.toThrow(/aborted|hang up|ended/), broken]);
  expect(await kept()).toEqual([0, 0]);
});

it('whose client was erased meanwhile is packed no further', async () => {
  const client = await make();
  await make();
  const erasing = packNext(world, async (source, asked, now) => {
    await coach.post(`/api/v1/clients/${client.id}/erase`).send({ name: client.name }).expect(204);
    await makeArchive(source, asked, now);
  });
  const [{ body }] = await Promise.all([coach.get(PRACTICE).expect(500), erasing]);
  expect(body.code).toBe('archive-failed');
  expect(await kept()).toEqual([0, 0]);
});

it('nobody fetches another practice’s', async () => {
  const client = await make();
  const stranger = await signIn(world, 'elsewhere');
  const [{ bytes }] = await Promise.all([fileFrom(stranger, PRACTICE), packNext(world)]);
  expect(Object.keys(unzipSync(bytes))).toEqual(['practice.json']);
  await stranger.get(`/api/v1/clients/${client.id}/export.zip`).expect(404);
});

it('what nobody fetched is let go of after an hour', async () => {
  await coach.get(PRACTICE).expect(503);
  await own((manager) => tidyArchives(manager, new Date('2026-11-23T12:59:00.000Z')));
  expect((await kept())[0]).toBe(1);
  await own((manager) => tidyArchives(manager, new Date('2026-11-23T13:01:00.000Z')));
  expect((await kept())[0]).toBe(0);
});
