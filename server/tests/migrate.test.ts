import { Client } from 'pg';
import { migrate, migrateBack } from '../src';
import { addressesIn } from '../src/database/roles';
import { freshDatabase } from './template';

const admin = process.env.TEST_ADMIN_URL!;
const name = `test_${crypto.randomUUID().replaceAll('-', '')}`;
const { ownerUrl } = addressesIn(admin, name);

async function ask<Row extends object>(url: string, sql: string): Promise<Row[]> {
  const client = new Client({ connectionString: url });
  await client.connect();
  try {
    return (await client.query<Row>(sql)).rows;
  } finally {
    await client.end();
  }
}

const done = async () =>
  (await ask<{ name: string }>(ownerUrl, 'SELECT name FROM migrations ORDER BY id')).map(
    (row) => row.name,
  );

beforeAll(async () => {
  // Brings the roles.
  await freshDatabase(admin);
  await ask(admin, `CREATE DATABASE ${name} OWNER taxikine_owner`);
});

it('machines that start at the same moment migrate one after the other', async () => {
  await Promise.all([migrate(ownerUrl), migrate(ownerUrl), migrate(ownerUrl)]);
  const names = await done();
  expect(new Set(names).size).toBe(names.length);
});

it('as many migrations are taken back as was said, and come again', async () => {
  const before = await done();
  expect(await migrateBack(ownerUrl, 3)).toEqual(before.slice(-3).reverse());
  expect(await done()).toEqual(before.slice(0, -3));
  await migrate(ownerUrl);
  expect(await done()).toEqual(before);
});
