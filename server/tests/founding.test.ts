import request from 'supertest';
import { maybeFoundingLink } from '../src';
import { useWorld, world } from './world';

useWorld();

const FOUNDING = {
  practice: 'Tide House',
  name: 'Brita Holm',
  email: 'Brita@tidehouse.example',
  password: 'nine slow barges',
};

const look = (token: string) =>
  request(world.app).get('/api/v1/founding').set('Authorization', `Bearer ${token}`);
const found = (token: string, part: Partial<typeof FOUNDING> = {}) =>
  request
    .agent(world.app)
    .post('/api/v1/founding')
    .set({ Authorization: `Bearer ${token}`, 'X-Taxikine': '1' })
    .send({ ...FOUNDING, ...part });

/** As on the first day: nobody is there, and what the world began with is put by. */
async function empty(): Promise<void> {
  await world.owner.query('TRUNCATE practice, founding_link CASCADE');
}

it('a house in which there is a practice tells no address, and opens none that is left', async () => {
  expect(await maybeFoundingLink(world.owner)).toBeNull();
  await world.owner.query(
    `INSERT INTO founding_link VALUES (sha256('left over'), now() + interval '1 day')`,
  );
  await look('left over').expect(410);
  await found('left over').expect(410);
});

it('the first practice is made with its owner, who is signed in; and no second one', async () => {
  await empty();
  const [first, second] = [
    (await maybeFoundingLink(world.owner))!,
    (await maybeFoundingLink(world.owner))!,
  ];
  await look(first).expect(200, { open: true });
  const { body, headers } = await found(first).expect(201);
  expect(body).toMatchObject({
    coach: { name: 'Brita Holm', email: 'brita@tidehouse.example', role: 'owner' },
    practice: { name: 'Tide House' },
  });
  const cookie = headers['set-cookie'][0].split(';')[0];
  const mine = request(world.app).get('/api/v1/practice/deeds').set('Cookie', cookie);
  expect((await mine.expect(200)).body.deeds).toMatchObject([
    { deed: 'signed-in', by: 'Brita Holm' },
    { deed: 'founded', by: 'Brita Holm' },
  ]);
  for (const token of [first, second]) {
    await look(token).expect(410);
    await found(token, { email: 'other@tidehouse.example' }).expect(410);
  }
});

it('of two who found at once it is one', async () => {
  await empty();
  const links = [await maybeFoundingLink(world.owner), await maybeFoundingLink(world.owner)];
  const answers = await Promise.all(
    links.map((token, i) => found(token!, { email: `at-once-${i}@tidehouse.example` })),
  );
  expect(answers.map(({ status }) => status).sort()).toEqual([201, 410]);
  const [{ count }] = await world.owner.query('SELECT count(*)::int AS count FROM practice');
  expect(count).toBe(1);
});

it('a link opens for a day, and what is wrong is told by the field', async () => {
  await empty();
  const token = (await maybeFoundingLink(world.owner))!;
  for (const [part, path] of [
    [{ practice: ' ' }, 'practice'],
    [{ name: '' }, 'name'],
    [{ email: 'nobody' }, 'email'],
    [{ password: 'basketball' }, 'password'],
  ] as const)
    expect((await found(token, part).expect(422)).body.path).toBe(path);
  await look(token).expect(200);
  await world.owner.query(`UPDATE founding_link SET expires_at = now() - interval '1 second'`);
  await look(token).expect(410);
  await found(token).expect(410);
});
