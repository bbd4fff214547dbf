import { useState } from 'react';
import { fetchFile } from '../data/api';
import { saveFile } from '../recording/saveFile';

type PdfState = 'ready' | 'making' | 'failed';

/** The report as the server sets it on a page; without an answer, printing is still there. */
export function usePdf(visitId: string, name: string) {
  const [state, setState] = useState<PdfState>('ready');
  const save = async () => {
    setState('making');
    try {
      saveFile(`${name}.pdf`, 'application/pdf', await fetchFile(`/visits/${visitId}/report.pdf`));
      setState('ready');
    } catch {
      setState('failed');
    }
  };
  return { state, save: () => void save() };
}
