import { readInPractice, type PreparedQuery } from '../src/database/readInPractice';
import { KnownSessions } from '../src/auth/KnownSessions';
import { hashOfToken } from '../src/auth/tokens';
import { coach, newClient, signIn, tokenOf, useWorld, world, write } from './world';

useWorld();
beforeAll(async () => {
  for (const name of ['Aud', 'Bo']) {
    const client = newClient({ name });
    await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  }
});

const names = (condition: string): PreparedQuery => ({
  name: 'names',
  sql: `SELECT name FROM client WHERE ${condition} ORDER BY name`,
  values: [],
});
const read = (place: number, query: (condition: string) => PreparedQuery = names) =>
  readInPractice<{ name: string }>(world.source, world.practices[place].id, query);

describe('a read in one statement', () => {
  it.each([
    ['its own rows', 0, ['Aud', 'Bo']],
    ['no row of another practice', 1, []],
  ])('sees %s', async (_what, place, found) => {
    expect((await read(place)).map(({ name }) => name)).toEqual(found);
  });

  it('many at once, of two practices, do not meet', async () => {
    const counts = await Promise.all(
      Array.from({ length: 60 }, async (_, i) => (await read(i % 2)).length),
    );
    expect(counts).toEqual(Array.from({ length: 60 }, (_, i) => (i % 2 ? 0 : 2)));
  });

  it('under every way in which the database may join, and planned once for all', async () => {
    for (const way of ['nestloop', 'hashjoin', 'mergejoin', 'material', 'seqscan', 'indexscan']) {
      const runner = world.source.createQueryRunner();
      const client = await runner.connect();
      // A way that is switched off looks so dear that the query would be compiled first.
      await client.query(`SET enable_${way} = off; SET jit = off`);
      await runner.release();
      for (let i = 0; i < 8; i++) expect(await read(0)).toHaveLength(2);
      for (let i = 0; i < 8; i++) expect(await read(1)).toHaveLength(0);
    }
  });

  it('that forgets its condition never sees a row of another practice', async () => {
    const careless = () => ({ name: 'careless', sql: 'SELECT name FROM client', values: [] });
    for (let i = 0; i < 8; i++) expect(await read(1, careless)).toEqual([]);
  });

  it('that fails leaves every connection as it was', async () => {
    const byZero = (condition: string) => ({
      name: 'by zero',
      sql: `SELECT 1 / count(*)::int FROM client WHERE ${condition} AND name = 'nobody'`,
      values: [],
    });
    for (let i = 0; i < 20; i++) await expect(read(0, byZero)).rejects.toThrow('division by zero');
    expect(await read(0)).toHaveLength(2);
    // Outside of it no practice is set, on whichever connection comes next.
    const outside = await Promise.all(
      Array.from({ length: 12 }, () => world.source.query('SELECT 1 FROM client')),
    );
    expect(outside.flat()).toEqual([]);
  });
});

describe('sessions that are known', () => {
  const token = () => tokenOf(world, 'saltreach');

  it('are looked up once in a while, and anew when forgotten', async () => {
    const sessions = new KnownSessions(world.source);
    const own = await token();
    const look = jest.spyOn(world.source, 'query');
    const lookups = () => look.mock.calls.filter(([sql]) => sql.includes('who_has_session')).length;
    for (let i = 0; i < 3; i++)
      expect(await sessions.maybeSignedIn(own)).toMatchObject({ practice: { name: 'saltreach' } });
    expect(lookups()).toBe(1);
    sessions.forget(hashOfToken(own));
    await sessions.maybeSignedIn(own);
    expect(lookups()).toBe(2);
    const clock = jest.spyOn(performance, 'now').mockReturnValue(performance.now() + 5001);
    await sessions.maybeSignedIn(own);
    expect(lookups()).toBe(3);
    clock.mockRestore();
    look.mockRestore();
  });

  it('are not held when one has ended while it was looked up', async () => {
    const sessions = new KnownSessions(world.source);
    const own = await token();
    const look = jest.spyOn(world.source, 'query');
    look.mockImplementationOnce(async () => {
      look.mockRestore();
      const rows = await world.source.query('SELECT * FROM who_has_session($1)', [
        hashOfToken(own),
      ]);
      sessions.forgetAll();
      return rows;
    });
    expect(await sessions.maybeSignedIn(own)).not.toBeNull();
    const again = jest.spyOn(world.source, 'query');
    await sessions.maybeSignedIn(own);
    expect(again.mock.calls.filter(([sql]) => sql.includes('who_has_session'))).toHaveLength(1);
    again.mockRestore();
  });

  it('do not hold a token that is none', async () => {
    const sessions = new KnownSessions(world.source);
    expect(await sessions.maybeSignedIn('nobody')).toBeNull();
  });

  it('whoever signs out is out at once', async () => {
    const coach = await signIn(world, 'saltreach');
    await coach.get('/api/v1/clients').expect(200);
    const cookie = (await coach.get('/api/v1/session')).request.cookies;
    await coach.delete('/api/v1/session').expect(204);
    await coach.get('/api/v1/clients').set('Cookie', String(cookie)).expect(401);
  });
});
