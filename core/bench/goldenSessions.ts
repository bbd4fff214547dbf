import { SESSIONS } from '../tests/cases/sessionsOf';

/**
 * Prints the pinned sessions of `core/tests/cases/goldenSessions.json`: run it when a session was changed on purpose,
 * and read what moved before it is kept. `npm run -s golden:sessions > core/tests/cases/goldenSessions.json`
 */
console.log(JSON.stringify(Object.fromEntries(SESSIONS.map(([name, lines]) => [name, lines()]))));
