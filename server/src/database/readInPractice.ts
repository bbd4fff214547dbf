import type { ClientBase } from 'pg';
import type { DataSource } from 'typeorm';
import { settingsOf, type Sight } from './inPractice';

/** A query that is planned once a connection: the same name is the same SQL. */
export interface PreparedQuery {
  readonly name: string;
  readonly sql: string;
  readonly values: readonly unknown[];
}

/** Holds once the practice is set: a query with it cannot be begun before. */
const PRACTICE_IS_SET = 'own.id IS NOT NULL';

/**
 * One query over the rows of this practice as a single statement, for what is read all day long; all else
 * goes through `inPractice`. The statement is a transaction of its own and sets the practice for just that
 * long. The query takes a condition, and has to stand under it: that is what puts setting before reading. A
 * query that forgets it reads nothing, since no practice is set then.
 */
export async function readInPractice<Row extends object>(
  source: DataSource,
  sight: Sight,
  query: (condition: string) => PreparedQuery,
): Promise<Row[]> {
  const { name, sql, values } = query(PRACTICE_IS_SET);
  const count = values.length;
  const text = `WITH own AS MATERIALIZED (
  SELECT set_config('app.practice_id', $${count + 1}, true) AS id,
    set_config('app.sees_as', $${count + 2}, true) AS sees_as)
SELECT page.* FROM own CROSS JOIN LATERAL (${sql}) AS page`;
  const runner = source.createQueryRunner();
  try {
    const client = (await runner.connect()) as ClientBase;
    return (await client.query<Row>({ name, text, values: [...values, ...settingsOf(sight)] }))
      .rows;
  } finally {
    await runner.release();
  }
}
