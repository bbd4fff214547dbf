export type PainRule = 'go-on' | 'easier' | 'stop';

/** Kinds that stop a drill whatever the number. */
const STOPPING_KINDS = new Set(['sharp', 'electric', 'pinch']);

/**
 * What pain during a look or a drill means: 0–2 go on, 3–4 make it easier, 5 and more stop; a
 * sharp, electric or pinching pain stops at once.
 *
 * @param score 0 to 10
 */
export function painRule(score: number, kind?: string): PainRule {
  if (score >= 5 || (score > 0 && kind !== undefined && STOPPING_KINDS.has(kind))) return 'stop';
  return score >= 3 ? 'easier' : 'go-on';
}
