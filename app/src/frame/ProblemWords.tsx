import { problemWords } from '../data/problemWords';
import { useText } from '../words/useText';
import { Words } from '../ui/text';

/** What the server said to something that was asked of it; nothing, while it said nothing against it. */
export function ProblemWords({ of }: { of: Error | null }) {
  const words = problemWords(of, useText());
  return words ? (
    <Words accent role="alert">
      {words}
    </Words>
  ) : null;
}
