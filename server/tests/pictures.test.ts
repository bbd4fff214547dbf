import type { ImageRecord, PictureRecord } from '@taxikine/core';
import { type Agent, coach, newClient, newVisit, stranger, useWorld, write } from './world';

useWorld();

/** The head of a picture without anything but a table. */
const BARE = Buffer.from([0xff, 0xd8, 0xff, 0xdb, 0, 4, 1, 2, 0xff, 0xda, 0, 2]).toString('base64');
const WITH_PLACE = Buffer.from([0xff, 0xd8, 0xff, 0xe1, 0, 4, 69, 120, 0xff, 0xda, 0, 2]).toString(
  'base64',
);

async function marked() {
  const client = newClient();
  const visit = newVisit(client.id);
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  await coach.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(201);
  const picture: PictureRecord = {
    id: crypto.randomUUID(),
    clientId: client.id,
    visitId: visit.id,
    role: 'first',
    view: 'side',
    phase: 'bottom',
    width: 600,
    height: 800,
    marks: { hip: [300, 400.5] },
    plumb: null,
    scale: { from: [0, 0], to: [0, 90], cm: 42 },
    imageWrites: 1,
    kept: true,
    takenOn: '2026-11-20T10:00:00.000Z',
    removed: false,
  };
  const { id, clientId, visitId } = picture;
  const image: ImageRecord = { id, clientId, visitId, jpeg: BARE };
  return { client, picture, image };
}

const put = (who: Agent, kind: string, record: { id: string }, version = 0) =>
  who.put(`/api/v1/${kind}/${record.id}`).send(write(record, version));

it('marks come back with the client’s file, the image only when it is asked for', async () => {
  const { client, picture, image } = await marked();
  await put(coach, 'images', image).expect(201);
  await put(coach, 'pictures', picture).expect(201);
  const { body } = await coach.get(`/api/v1/clients/${client.id}/file`).expect(200);
  expect(body.pictures).toEqual([{ ...picture, version: 1 }]);
  expect(body).not.toHaveProperty('images');
  const kept = await coach.get(`/api/v1/images/${image.id}`).expect(200);
  expect(kept.body.record).toMatchObject({ jpeg: BARE, version: 1 });
});

it('an image can be let go, and is then gone', async () => {
  const { image } = await marked();
  await put(coach, 'images', image).expect(201);
  await put(coach, 'images', { ...image, jpeg: null } as ImageRecord, 1).expect(200);
  const { body } = await coach.get(`/api/v1/images/${image.id}`).expect(200);
  expect(body.record.jpeg).toBeNull();
});

it('nobody of another practice sees or changes it', async () => {
  const { picture, image } = await marked();
  await put(coach, 'images', image).expect(201);
  await put(coach, 'pictures', picture).expect(201);
  for (const [kind, record] of [
    ['images', image],
    ['pictures', picture],
  ] as const) {
    await stranger.get(`/api/v1/${kind}/${record.id}`).expect(404);
    await put(stranger, kind, record, 1).expect(404);
  }
});

it.each([
  ['with a place in it', { jpeg: WITH_PLACE }, /metadata/],
  ['that is none', { jpeg: Buffer.from('hello there').toString('base64') }, /not a JPEG/],
])('an image %s is refused, naming the field', async (_, part, words) => {
  const { image } = await marked();
  const { body } = await put(coach, 'images', { ...image, ...part }).expect(422);
  expect(JSON.stringify(body)).toMatch(words);
  expect(JSON.stringify(body)).toContain('jpeg');
});
