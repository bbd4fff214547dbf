import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { FileReads } from './FileReads';
import { readInPractice } from '../database/readInPractice';
import { notFound } from '../ground/errors';
import { fileSql, stampSql } from '../records/fileSql';
import { idParam, input } from './input';
import { sightOf, signedIn } from './needSession';

/**
 * Everything kept about one client. Whoever has it already says so (`If-None-Match`), and is told for the
 * price of a stamp that there is nothing new.
 */
export function fileRoute(source: DataSource): Router {
  const router = Router();
  const reads = new FileReads(source);
  const file = `SELECT kept.file::text AS file FROM (${fileSql(source)}) AS kept`;
  const stamp = stampSql(source);

  router.get('/clients/:id/file', async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const who = signedIn(response);
    const sight = sightOf(response);
    const one = async <Row extends object>(name: string, sql: string): Promise<Row | null> => {
      const query = (isSet: string) => ({
        name,
        sql: `SELECT * FROM (${sql}) AS found WHERE ${isSet}`,
        values: [id],
      });
      const [row] = await readInPractice<Row>(source, sight, query);
      return row ?? null;
    };
    // The stamp first: a write between the two makes the file newer than its stamp, and it is read once more.
    const stamped = await one<{ stamp: string | null }>('file-stamp', stamp);
    if (!stamped?.stamp) throw notFound('client');
    await reads.note(who, id);
    const tag = `"${stamped.stamp}"`;
    response.set('ETag', tag);
    if (request.headers['if-none-match'] === tag) return void response.status(304).end();
    const found = await one<{ file: string }>('file', file);
    if (!found) throw notFound('client');
    response.type('json').end(found.file);
  });

  return router;
}
