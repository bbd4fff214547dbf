import { useState } from 'react';
import { fetchFile, Refused } from './api';
import { confirmed } from './confirming';
import { saveFile } from './saveFile';

const SUFFIXES: Readonly<Record<string, string>> = {
  'application/pdf': 'pdf',
  'application/zip': 'zip',
  'text/csv': 'csv',
};

/** `slow`: not made yet and asked for again; `later`: no longer waited for, and made all the same. */
type MadeState = 'ready' | 'making' | 'slow' | 'later' | 'failed';

/** How often a paper that is not ready is asked for again; each time the server waits a while itself. */
const MOST_ASKS = 6;
const PAUSE_MS = 500;

const isNotReady = (error: unknown): boolean =>
  error instanceof Refused && error.body.code === 'still-making';

const pause = () => new Promise((resolve) => setTimeout(resolve, PAUSE_MS));

/** A file that is made somewhere else, in its own time. */
async function fetchMade(path: string, onSlow: () => void): Promise<Blob> {
  for (let asks = 1; ; asks++) {
    try {
      return await fetchFile(path);
    } catch (error) {
      if (!isNotReady(error) || asks === MOST_ASKS) throw error;
      onSlow();
      await pause();
    }
  }
}

/** A file that the server makes, and how far that is. */
export function useMadeFile(path: string, name: string) {
  const [state, setState] = useState<MadeState>('ready');
  const save = async () => {
    setState('making');
    try {
      const file = await confirmed(() => fetchMade(path, () => setState('slow')));
      saveFile(`${name}.${SUFFIXES[file.type.split(';')[0]] ?? 'bin'}`, file.type, file);
      setState('ready');
    } catch (error) {
      setState(isNotReady(error) ? 'later' : 'failed');
    }
  };
  const busy = state === 'making' || state === 'slow';
  return { state, busy, save: () => void save() };
}
