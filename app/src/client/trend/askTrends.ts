import type { ClientTrends } from '@taxikine/core/reading/trends/clientTrends';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { wrap } from 'comlink';
import type { TrendApi } from './trendApi';

/** A client's trends, worked out beside the page; rejects when the worker cannot be loaded or breaks. */
export function askTrends(file: ClientFile): Promise<ClientTrends> {
  const worker = new Worker(new URL('./trend.worker.ts', import.meta.url));
  return new Promise<ClientTrends>((resolve, reject) => {
    worker.onerror = ({ message }) => reject(new Error(message));
    wrap<TrendApi>(worker).trends(file).then(resolve, reject);
  }).finally(() => worker.terminate());
}
