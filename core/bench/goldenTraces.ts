import { TRACES } from '../tests/cases/tracesOf';

/**
 * Prints the pinned traces of `core/tests/cases/goldenTraces.json`: run it when a trace was changed on purpose, and read
 * what moved before it is kept. `npm run -s golden:traces > core/tests/cases/goldenTraces.json`
 */
console.log(JSON.stringify(Object.fromEntries(TRACES.map(([name, lines]) => [name, lines()]))));
