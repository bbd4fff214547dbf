/**
 * What a fault can come from. `prior` is the probability before anything was seen, per side where
 * the cause has a side: our estimate for adults who come to a coach, tuned on worked cases.
 */
export type CauseKind = 'restriction' | 'nerve' | 'control' | 'strength' | 'built' | 'given';

export interface CauseRow {
  readonly id: string;
  readonly kind: CauseKind;
  readonly sided: boolean;
  readonly prior: number;
  /** `{Side}` and `{side}` stand for the side. */
  readonly sentence: string;
  /** Said after "consistent with". */
  readonly consistentWith: string;
  /** Causes on the same side that cannot be meant once this one is given. */
  readonly rulesOut?: readonly string[];
}

export const CAUSES = [
  {
    id: 'ankle-joint',
    kind: 'restriction',
    sided: true,
    prior: 0.15,
    sentence: '{Side} ankle will not bend',
    consistentWith: 'a joint limit at the {side} ankle (dorsiflexion)',
  },
  {
    id: 'calf-deep',
    kind: 'restriction',
    sided: true,
    prior: 0.12,
    sentence: '{Side} deep calf is short',
    consistentWith: 'a short soleus on the {side}',
  },
  {
    id: 'calf-long',
    kind: 'restriction',
    sided: true,
    prior: 0.12,
    sentence: '{Side} long calf muscle is short',
    consistentWith: 'a short gastrocnemius on the {side}',
  },
  {
    id: 'shin-turn-in',
    kind: 'restriction',
    sided: true,
    prior: 0.08,
    sentence: '{Side} shin will not turn in',
    consistentWith: 'limited inward turn of the {side} shin under the thigh',
  },
  {
    id: 'shin-turn-out',
    kind: 'restriction',
    sided: true,
    prior: 0.05,
    sentence: '{Side} shin will not turn out',
    consistentWith: 'limited outward turn of the {side} shin under the thigh',
  },
  {
    id: 'knee-bend',
    kind: 'restriction',
    sided: true,
    prior: 0.08,
    sentence: '{Side} knee will not bend fully',
    consistentWith: 'limited knee flexion on the {side}',
  },
  {
    id: 'quad-length',
    kind: 'restriction',
    sided: true,
    prior: 0.1,
    sentence: '{Side} front of the thigh is short',
    consistentWith: 'a short rectus femoris on the {side}',
  },
  {
    id: 'hip-bend',
    kind: 'restriction',
    sided: true,
    prior: 0.12,
    sentence: '{Side} hip will not bend',
    consistentWith: 'limited hip flexion on the {side}',
  },
  {
    id: 'hip-turn-in',
    kind: 'restriction',
    sided: true,
    prior: 0.12,
    sentence: '{Side} hip will not turn in',
    consistentWith: 'limited inward hip rotation on the {side}',
  },
  {
    id: 'hip-turn-out',
    kind: 'restriction',
    sided: true,
    prior: 0.08,
    sentence: '{Side} hip will not turn out',
    consistentWith: 'limited outward hip rotation on the {side}',
  },
  {
    id: 'hip-extend',
    kind: 'restriction',
    sided: true,
    prior: 0.15,
    sentence: '{Side} hip will not go behind',
    consistentWith: 'limited hip extension on the {side}',
  },
  {
    id: 'adductor-length',
    kind: 'restriction',
    sided: true,
    prior: 0.08,
    sentence: '{Side} inner thigh is short',
    consistentWith: 'short adductors on the {side}',
  },
  {
    id: 'hamstring-length',
    kind: 'restriction',
    sided: true,
    prior: 0.15,
    sentence: '{Side} hamstrings are short',
    consistentWith: 'short hamstrings on the {side}',
  },
  {
    id: 'big-toe',
    kind: 'restriction',
    sided: true,
    prior: 0.06,
    sentence: '{Side} big toe stops short',
    consistentWith: 'a {side} big toe that will not bend up',
  },
  {
    id: 'foot-rigid',
    kind: 'restriction',
    sided: true,
    prior: 0.04,
    sentence: '{Side} foot does not give',
    consistentWith: 'a rigid {side} foot',
  },
  {
    id: 'wrist-grip',
    kind: 'restriction',
    sided: true,
    prior: 0.04,
    sentence: '{Side} wrist stops the grip',
    consistentWith: 'a {side} wrist that will not bend back under a load held in front',
  },
  {
    id: 'midback',
    kind: 'restriction',
    sided: false,
    prior: 0.12,
    sentence: 'Mid-back is stiff',
    consistentWith: 'a stiff mid-back',
  },
  {
    id: 'shoulder-raise',
    kind: 'restriction',
    sided: true,
    prior: 0.1,
    sentence: '{Side} arm will not go overhead',
    consistentWith: 'a limit of the {side} shoulder overhead',
  },
  {
    id: 'fascia-back',
    kind: 'restriction',
    sided: true,
    prior: 0.05,
    sentence: '{Side} back line is stiff',
    consistentWith: 'stiff tissue along the back of the {side} leg',
  },
  {
    id: 'nerve-back',
    kind: 'nerve',
    sided: true,
    prior: 0.05,
    sentence: '{Side} nerve at the back of the leg does not slide',
    consistentWith: 'a sensitive sciatic line on the {side}',
  },
  {
    id: 'nerve-front',
    kind: 'nerve',
    sided: true,
    prior: 0.03,
    sentence: '{Side} nerve at the front of the thigh does not slide',
    consistentWith: 'a sensitive femoral line on the {side}',
  },
  {
    id: 'trunk-hold',
    kind: 'control',
    sided: false,
    prior: 0.2,
    sentence: 'Trunk is not held',
    consistentWith: 'a trunk that gives under load',
  },
  {
    id: 'breath',
    kind: 'control',
    sided: false,
    prior: 0.15,
    sentence: 'Breath sits high',
    consistentWith: 'a breath that does not set the trunk',
  },
  {
    id: 'balance-deep',
    kind: 'control',
    sided: false,
    prior: 0.15,
    sentence: 'Not settled at depth',
    consistentWith: 'control and trust missing at depth',
  },
  {
    id: 'neck',
    kind: 'control',
    sided: false,
    prior: 0.06,
    sentence: 'Neck is not held',
    consistentWith: 'a neck that is not held in line',
  },
  {
    id: 'load-fear',
    kind: 'control',
    sided: false,
    prior: 0.06,
    sentence: 'The load is not trusted',
    consistentWith: 'protection under load',
  },
  {
    id: 'pattern-unlearned',
    kind: 'control',
    sided: false,
    prior: 0.15,
    sentence: 'The pattern is new',
    consistentWith: 'a pattern not yet learned',
  },
  {
    id: 'foot-hold',
    kind: 'control',
    sided: true,
    prior: 0.1,
    sentence: '{Side} foot does not hold its arch',
    consistentWith: 'weak hold of the {side} foot',
  },
  {
    id: 'hip-side-control',
    kind: 'control',
    sided: true,
    prior: 0.12,
    sentence: '{Side} hip does not steer the knee',
    consistentWith: 'side-hip control missing on the {side}',
  },
  {
    id: 'knee-guard',
    kind: 'control',
    sided: true,
    prior: 0.06,
    sentence: '{Side} knee is guarded',
    consistentWith: 'unloading of the {side} knee',
  },
  {
    id: 'hip-side-strength',
    kind: 'strength',
    sided: true,
    prior: 0.12,
    sentence: '{Side} side hip is weak',
    consistentWith: 'a weak side hip on the {side}',
  },
  {
    id: 'hip-back-strength',
    kind: 'strength',
    sided: true,
    prior: 0.12,
    sentence: '{Side} back of the hip does not drive',
    consistentWith: 'weak gluteals on the {side}',
  },
  {
    id: 'hip-turn-in-strength',
    kind: 'strength',
    sided: true,
    prior: 0.08,
    sentence: '{Side} hip does not turn in with strength',
    consistentWith: 'weak inward rotators and adductors on the {side}',
  },
  {
    id: 'quad-strength',
    kind: 'strength',
    sided: true,
    prior: 0.12,
    sentence: '{Side} front of the thigh gives up',
    consistentWith: 'a weak quadriceps on the {side}',
  },
  {
    id: 'hamstring-strength',
    kind: 'strength',
    sided: true,
    prior: 0.08,
    sentence: '{Side} hamstrings give up',
    consistentWith: 'weak hamstrings on the {side}',
  },
  {
    id: 'calf-strength',
    kind: 'strength',
    sided: true,
    prior: 0.08,
    sentence: '{Side} calf gives up',
    consistentWith: 'a weak calf on the {side}',
  },
  {
    id: 'fatigue',
    kind: 'strength',
    sided: false,
    prior: 0.06,
    sentence: 'Tires late in the set',
    consistentWith: 'endurance that ends before the set does',
  },
  {
    id: 'long-thighs',
    kind: 'built',
    sided: false,
    prior: 0.12,
    sentence: 'Long thighs',
    consistentWith: 'proportions: thighs long for the shins and trunk',
  },
  {
    id: 'fixed-ankle',
    kind: 'given',
    sided: true,
    prior: 0,
    sentence: '{Side} ankle is fixed',
    consistentWith: 'a {side} ankle that will not move again',
    rulesOut: ['ankle-joint', 'calf-deep', 'calf-long'],
  },
  {
    id: 'fixed-knee',
    kind: 'given',
    sided: true,
    prior: 0,
    sentence: '{Side} knee is fixed',
    consistentWith: 'a {side} knee that will not move again',
    rulesOut: ['knee-guard', 'knee-bend'],
  },
  {
    id: 'fixed-hip',
    kind: 'given',
    sided: true,
    prior: 0,
    sentence: '{Side} hip is fixed',
    consistentWith: 'a {side} hip that will not move again',
    rulesOut: ['hip-bend', 'hip-turn-in', 'hip-turn-out', 'hip-extend'],
  },
  {
    id: 'prosthesis',
    kind: 'given',
    sided: true,
    prior: 0,
    sentence: '{Side} prosthesis',
    consistentWith: 'a prosthesis on the {side}',
    rulesOut: ['ankle-joint', 'calf-deep', 'calf-long', 'foot-hold', 'calf-strength'],
  },
  {
    id: 'leg-length',
    kind: 'given',
    sided: true,
    prior: 0,
    sentence: '{Side} leg is shorter',
    consistentWith: 'a {side} leg shorter than the other',
  },
] as const satisfies readonly CauseRow[];

export type CauseId = (typeof CAUSES)[number]['id'];

const byId = new Map<string, CauseRow>(CAUSES.map((row) => [row.id, row]));

/** The row of a cause. Throws on an id that is not in the table. */
export function oneCause(id: string): CauseRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown cause ${id}`);
  return row;
}

/** Causes that can only be stated by the coach; they are evidence and never a target. */
export const GIVEN_CAUSES = CAUSES.filter((row) => row.kind === 'given');
