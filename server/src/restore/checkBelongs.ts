import { KINDS_IN_FILE } from '@taxikine/core';
import { invalid } from '../ground/errors';
import type { ClientDocument } from '../leave/practiceEntries';

/** What a record says it belongs to. */
interface Belongs {
  readonly clientId?: string;
  readonly visitId?: string | null;
  readonly planId?: string | null;
}

/**
 * An archive stands by itself: nothing in a client's file is another client's, or of what is not in it.
 *
 * @throws AppError 422 with the file and the field that is wrong
 */
export function checkBelongs({ file, images }: ClientDocument, path: string): void {
  const { client, visits, homePlans, homeEntries } = file;
  const idsOf = (rows: readonly { id: string }[]) => new Set(rows.map(({ id }) => id));
  const known = { visitId: idsOf(visits), planId: idsOf(homePlans) };
  const each = (rows: readonly Belongs[], at: string) =>
    rows.forEach((row, i) => {
      const wrong = (field: keyof Belongs) =>
        invalid(
          'Not in this client’s file.',
          `${path}.${at}.${i}.${field}`,
          'Nothing was written.',
        );
      if ('clientId' in row && row.clientId !== client.id) throw wrong('clientId');
      for (const field of ['visitId', 'planId'] as const)
        if (row[field] && !known[field].has(row[field])) throw wrong(field);
    });
  for (const kind of KINDS_IN_FILE) each(file[kind], `file.${kind}`);
  each(homeEntries, 'file.homeEntries');
  each(images, 'images');
}
