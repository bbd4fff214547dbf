import { KINDS_IN_FILE } from '@taxikine/core';
import { openapi } from '../src';
import { Image } from '../src/database/entities/Image';
import { HomeEntryRow } from '../src/database/entities/HomeEntryRow';
import { ERASED } from '../src/leave/eraseClient';
import { RESOURCES } from '../src/records/resources';
import { routesIn } from './routesIn';
import { useWorld, world } from './world';

useWorld();

/** Tables of the application that have a column, by name. */
const tablesWith = async (column: string): Promise<string[]> =>
  (
    await world.owner.query(
      `SELECT c.table_name AS name FROM information_schema.columns c
       JOIN information_schema.tables t USING (table_schema, table_name)
       WHERE c.column_name = $1 AND c.table_schema = 'public' AND t.table_type = 'BASE TABLE'
       ORDER BY 1`,
      [column],
    )
  ).map(({ name }: { name: string }) => name);

const tableOf = (entity: Parameters<typeof world.source.getMetadata>[0]): string =>
  world.source.getMetadata(entity).tableName;

describe('a table that is added is not forgotten', () => {
  it('every table of practices is closed to others, also for its owner', async () => {
    const rows: { name: string; enabled: boolean; forced: boolean; policies: number }[] =
      await world.owner.query(
        `SELECT relname AS name, relrowsecurity AS enabled, relforcerowsecurity AS forced,
           (SELECT count(*)::int FROM pg_policies p WHERE p.tablename = relname) AS policies
         FROM pg_class WHERE relnamespace = 'public'::regnamespace AND relkind = 'r'`,
      );
    const ofPractices = await tablesWith('practice_id');
    expect(ofPractices.length).toBeGreaterThan(20);
    const open = rows
      .filter(({ name }) => ofPractices.includes(name))
      .filter(({ enabled, forced, policies }) => !enabled || !forced || policies === 0);
    expect(open).toEqual([]);
  });

  /** Kept past an erasure, and why. */
  const NOT_ERASED: Readonly<Record<string, string>> = {
    kept_client: 'goes with the client that it hangs on',
    erasure: 'says that it was done, by id and without a name',
    // By hand, since no entity has it.
    stale_line: 'erased beside the others',
  };

  it('every table of clients is erased with them', async () => {
    const erased = [...ERASED.map(([, entity]) => tableOf(entity)), ...Object.keys(NOT_ERASED)];
    expect(erased.sort()).toEqual(await tablesWith('client_id'));
  });

  /** In no archive, and why. */
  const NOT_ARCHIVED: Readonly<Record<string, string>> = {
    archive: 'an archive itself',
    kept_client: 'who sees them is said where they are put back',
    client_link: 'a door and no record: it would open again',
    client_retention: 'worked out from the records',
    client_summary: 'worked out from the records',
    erasure: 'is about somebody who is gone',
    paper: 'made from the records',
    stale_line: 'what is to be worked out',
  };

  it('every table of clients goes with them in an archive', async () => {
    const archived = [
      ...KINDS_IN_FILE.map((kind) => tableOf(RESOURCES[kind].entity)),
      tableOf(Image),
      tableOf(HomeEntryRow),
      ...Object.keys(NOT_ARCHIVED),
    ];
    expect(archived.sort()).toEqual(await tablesWith('client_id'));
  });
});

describe('a route that is added is not forgotten', () => {
  const METHODS = ['get', 'put', 'post', 'delete', 'patch'];

  it('the API document has every one, and none that is not there', async () => {
    const routes = routesIn(world.app).map(
      ({ method, path }) => `${method} /api/v1${path.replaceAll(/:(\w+)/g, '{$1}')}`,
    );
    const { paths } = (await openapi()) as { paths: Record<string, object> };
    const documented = Object.entries(paths)
      .filter(([path]) => path.startsWith('/api/'))
      .flatMap(([path, item]) =>
        METHODS.filter((method) => method in item).map((method) => `${method} ${path}`),
      );
    expect(routes.length).toBeGreaterThan(40);
    expect(routes.sort()).toEqual(documented.sort());
  });
});
