import type { CaseFile, Pain } from '../caseFile';
import type { Observation } from '../connect';

function observed({ kind, region, side }: Pain): Observation | null {
  const where = `${side ? `${side} ` : ''}${region}`;
  if (kind === 'pinch' && region === 'hip')
    return { finding: 'pain:pinch', side: side ?? null, ratio: Infinity, words: `pinch, ${where}` };
  if (kind === 'electric')
    return {
      finding: 'pain:electric',
      side: side ?? null,
      ratio: Infinity,
      words: `electric, ${where}`,
    };
  return null;
}

/** Kinds of pain that point at a cause; an ache alone points nowhere. */
export const observePain = ({ pain }: CaseFile['look']): Observation[] =>
  pain.map(observed).filter((one) => one !== null);
