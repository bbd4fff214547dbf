import { joined } from './joining';
import { coach, stranger, useWorld } from './world';

useWorld();

const PATH = '/api/v1/practice/settings';
const practiceOf = async (agent: typeof coach) =>
  (await agent.get('/api/v1/session').expect(200)).body.practice;

it('what an owner decides is told to every coach with their session, and to no other practice', async () => {
  const { agent } = await joined();
  expect(await practiceOf(agent)).toMatchObject({ name: 'saltreach', idleMin: null });
  const settings = { name: 'Saltreach by the Sea', idleMin: 15 };
  expect((await coach.put(PATH).send(settings).expect(200)).body).toEqual(settings);
  expect(await practiceOf(agent)).toMatchObject(settings);
  expect(await practiceOf(stranger)).toMatchObject({ name: 'elsewhere', idleMin: null });
});

it.each([
  ['no name', { name: '  ', idleMin: null }, 'name'],
  ['a name that does not end', { name: 'x'.repeat(121), idleMin: null }, 'name'],
  ['a time that is not to be chosen', { name: 'x', idleMin: 7 }, 'idleMin'],
  ['nothing of the time', { name: 'x' }, 'idleMin'],
])('%s is refused by its field', async (_what, settings, path) => {
  const { body } = await coach.put(PATH).send(settings).expect(422);
  expect(body.path).toBe(path);
});
