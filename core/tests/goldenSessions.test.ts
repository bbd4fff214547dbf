import golden from './cases/goldenSessions.json';
import { allSessions } from './cases/sessionsOf';

const sessions = allSessions();
const pinned: Readonly<Record<string, readonly string[]>> = golden;

/** Line by line; made by `npm run golden:sessions`. */
it('the pinned sessions are those of all cases', () =>
  expect(Object.keys(pinned)).toEqual(sessions.map(([name]) => name)));

it.each(sessions)('%s', (name, lines) => expect(lines).toEqual(pinned[name]));
