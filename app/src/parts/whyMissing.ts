import { maybePartTable } from './partTable';

export type WhyMissing = 'offline' | 'new-version' | 'broken';

/** The version that the server has now; null when nobody answers. */
async function maybeServedVersion(): Promise<string | null> {
  try {
    const answer = await fetch('/version.json', { cache: 'no-store' });
    return answer.ok ? ((await answer.json()) as { version: string }).version : null;
  } catch {
    return null;
  }
}

/** Why a part could not be had: nobody there, another version there, or it came broken. */
export async function whyMissing(): Promise<WhyMissing> {
  const served = await maybeServedVersion();
  if (served === null) return 'offline';
  return served === maybePartTable()?.version ? 'broken' : 'new-version';
}
