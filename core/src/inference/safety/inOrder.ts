interface Effect {
  readonly effect: 'forbidden' | 'easier' | 'warned';
  readonly says: string;
}

/** What is said twice once, and what keeps something out before what only changes it. */
export function inOrder<One extends Effect>(effects: readonly One[]): readonly One[] {
  const once = effects.filter(
    ({ says }, i) => effects.findIndex((other) => other.says === says) === i,
  );
  return [true, false].flatMap((isOut) =>
    once.filter(({ effect }) => (effect === 'forbidden') === isOut),
  );
}
