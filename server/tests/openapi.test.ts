import { caseJsonSchema } from '@taxikine/core';
import request from 'supertest';
import { openapi } from '../src';
import { useWorld, world } from './world';

useWorld();

interface Document {
  readonly openapi: string;
  readonly paths: Record<string, unknown>;
  readonly components: { readonly schemas: Record<string, unknown> };
}

let document: Document;
beforeAll(async () => {
  document = (await openapi()) as Document;
});

it('is served, and is version 3.1', async () => {
  const { body } = await request(world.app).get('/api/v1/openapi.json').expect(200);
  expect(body.openapi).toBe('3.1.0');
});

it('every reference in it leads somewhere', () => {
  const text = JSON.stringify(document);
  const names = [...text.matchAll(/"#\/components\/schemas\/([^"]+)"/g)].map((match) => match[1]);
  expect(names.length).toBeGreaterThan(5);
  for (const name of names) expect(document.components.schemas).toHaveProperty(name);
});

it('carries what the Joi schemas know: ranges, lists and what is required', () => {
  const text = JSON.stringify(document.components.schemas['clients-write']);
  expect(text).toContain('"maximum":2.4');
  expect(text).toContain('one-sided-habit');
  expect(text).toContain('"writeId"');
});

it('lets others go first while it is worked out', async () => {
  let turns = 0;
  let isOver = false;
  const takeTurn = () => {
    turns += 1;
    if (!isOver) setImmediate(takeTurn);
  };
  setImmediate(takeTurn);
  await openapi();
  isOver = true;
  expect(turns).toBeGreaterThan(Object.keys(document.components.schemas).length);
});

it('publishes the JSON Schema of the case file, to anybody', async () => {
  const { body } = await request(world.app).get('/api/v1/case.schema.json').expect(200);
  expect(body).toEqual(caseJsonSchema());
});

it('health asks the database', async () => {
  await request(world.app).get('/health').expect(200, { status: 'ok', database: 'ok' });
});
