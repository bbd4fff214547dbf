import { shapesOfAll } from '../tests/cases/shapesOf';

/** Prints the lines of `core/src/records/shapes.ts` that follow from the schemas as they are. */
for (const [name, hash] of Object.entries(shapesOfAll())) console.log(`  ${name}: '${hash}',`);
