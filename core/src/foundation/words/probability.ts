/** A probability in two digits, and never a certainty that nobody has. */
export function probabilityWords(p: number): string {
  if (p > 0.99) return '>0.99';
  return p < 0.01 ? '<0.01' : p.toFixed(2);
}
