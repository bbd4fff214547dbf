/**
 * Two service workers: the coach's keeps a whole visit and whatever else was opened; a client's keeps the
 * page of the link. A new one of the coach's waits until the coach wants it.
 *
 * @param dist folder of the app
 * @param build {{ entry: string, table: Record<string, string[]>, workers: string[] }}
 */
export function writeServiceWorkers(
  dist: any,
  {
    entry,
    table,
    workers,
  }: {
    entry: string;
    table: Record<string, string[]>;
    workers: string[];
  },
): Promise<void>;
