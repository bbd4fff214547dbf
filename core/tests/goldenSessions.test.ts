import golden from './cases/goldenSessions.json';
import { SESSIONS } from './cases/sessionsOf';

const pinned: Readonly<Record<string, readonly string[]>> = golden;

/** Line by line; made by `npm run golden:sessions`. */
it('the pinned sessions are those of all cases', () =>
  expect(Object.keys(pinned)).toEqual(SESSIONS.map(([name]) => name)));

it.each(SESSIONS)('%s', (name, lines) => expect(lines()).toEqual(pinned[name]));
