import { easierDrill, harderDrill } from '../../knowledge/drillChains';
import { isShipped, oneDrill, type DrillId } from '../../knowledge/drills';
import { painRule } from '../../inference/safety/painRule';
import { daysFrom } from '../../foundation/time/calendarDay';
import { isDose, type DoseEntry, type HomeEntry } from '../../records/homeEntries/homeEntry';
import type { HomeDrill, HomePlan } from '../../records/homePlans/homePlan';
import { drillKey } from '../../knowledge/keys';

/** A step along a chain that what was said from home speaks for. */
export interface StepAdvice {
  readonly key: string;
  readonly says: 'harder' | 'easier';
  readonly to: DrillId;
  readonly why: string;
}

/** So many of the last doses, over so many days, decide. Ours. */
const OWNED_DOSES = 6;
const OWNED_DAYS = 10;
const TROUBLED_DOSES = 3;

const isOwned = (last: readonly DoseEntry[]): boolean =>
  last.length === OWNED_DOSES &&
  last.every(
    ({ done, pain, sharp }) => done === 'done' && !sharp && painRule(pain ?? 0) === 'go-on',
  ) &&
  daysFrom(last[0].on, last.at(-1)!.on) >= OWNED_DAYS;

const isTroubled = (last: readonly DoseEntry[]): boolean =>
  last.length === TROUBLED_DOSES &&
  last.every(
    ({ why, pain }) => why === 'hurt' || why === 'unclear' || painRule(pain ?? 0) !== 'go-on',
  );

function adviceOn(drill: HomeDrill, entries: readonly HomeEntry[]): StepAdvice | null {
  if (!isShipped(drill.drill)) return null;
  const key = drillKey(drill);
  const said = entries
    .filter(isDose)
    .filter((one) => one.key === key)
    .sort((a, b) => a.on.localeCompare(b.on) || a.said.localeCompare(b.said));
  const id = drill.drill as DrillId;
  const harder = harderDrill(id);
  if (harder && isOwned(said.slice(-OWNED_DOSES)))
    return {
      key,
      says: 'harder',
      to: harder,
      why: `the last ${OWNED_DOSES} were done in full and without pain, over ${OWNED_DAYS} days or more`,
    };
  const easier = easierDrill(id);
  if (easier && isTroubled(said.slice(-TROUBLED_DOSES)))
    return {
      key,
      says: 'easier',
      to: easier,
      why: `the last ${TROUBLED_DOSES} hurt, or were not clear`,
    };
  return null;
}

/** Steps along chains, by criteria and not by date; a rung of a ladder is judged by the coach's own eye. */
export const stepAdvice = (
  { drills }: Pick<HomePlan, 'drills'>,
  entries: readonly HomeEntry[],
): StepAdvice[] => drills.flatMap((one) => adviceOn(one, entries) ?? []);

/** The plan with a drill changed for its neighbour in the chain, on the same side, for the same causes. */
export function withStep<Plan extends Pick<HomePlan, 'drills'>>(
  plan: Plan,
  { key, to }: StepAdvice,
): Plan {
  const { dose, oneSided } = oneDrill(to);
  return {
    ...plan,
    drills: plan.drills.map((one) =>
      drillKey(one) === key
        ? { ...one, drill: to, side: oneSided ? (one.side ?? 'left') : null, dose, known: false }
        : one,
    ),
  };
}
