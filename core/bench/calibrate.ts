import { calibrate, compareAsking, type Calibration } from './calibration/run';

/**
 * Whether stated probabilities hold, and how many checks it takes to be sure: simulated clients whose
 * causes are known. Prints the tables of docs/accuracy.md.
 *
 * `npm run calibrate -- [clients] [seed]`
 */
const [clients = 10_000, seed = 1] = process.argv.slice(2).map(Number);

const percent = (value: number): string => `${(100 * value).toFixed(1)} %`;

function tell(name: string, { clients: came, made, afterLook, afterChecks, curve }: Calibration) {
  console.log(`\n${name}: ${came} of ${made} clients show a fault`);
  for (const [when, one] of [
    ['after the look', afterLook],
    ['all checks done', afterChecks],
  ] as const)
    console.log(
      `  ${when}: calibration error ${one.error.toFixed(4)} (all causes ${one.errorOfAll.toFixed(4)}), ` +
        `Brier ${one.brier.toFixed(4)} (all causes ${one.brierOfAll.toFixed(4)}), top 1 ${percent(one.top1)}, top 2 ${percent(one.top2)}`,
    );
  console.log('  stated   found    causes');
  for (const { stated, found, count } of curve)
    console.log(`  ${stated.toFixed(3)}    ${found.toFixed(3)}    ${count}`);
}

tell('Findings from the network', calibrate('network', clients, seed));
tell('Squats of the posture solver', calibrate('posture', clients, seed));

console.log('\nUntil a cause in question is 0.8 sure');
const asked = compareAsking(clients, seed);
const fixed = asked.find(({ policy }) => policy === 'fixed order')!;
for (const one of asked)
  console.log(
    `  ${one.policy}: ${one.asked.toFixed(2)} asked, ${one.minutes.toFixed(1)} min ` +
      `(${(one.asked / fixed.asked).toFixed(2)} of fixed); where all got sure ${one.askedWhereSure.toFixed(2)} ` +
      `(${(one.askedWhereSure / fixed.askedWhereSure).toFixed(2)}); sure in ${percent(one.sure)}`,
  );
