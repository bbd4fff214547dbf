import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import express from 'express';
import { pino } from 'pino';
import request from 'supertest';
import { answerErrors } from '../src/http/answerErrors';
import { webApp } from '../src/http/webApp';

const PAGES = ['index', 'door', 'today', 'home'];
const SCRIPT = `/_expo/static/js/web/entry-ab12.js`;
const text = 'console.log(1);'.repeat(200);

const dist = mkdtempSync(join(tmpdir(), 'web-app-'));
mkdirSync(join(dist, '_expo/static/js/web'), { recursive: true });
for (const page of PAGES) writeFileSync(join(dist, `${page}.html`), `<p>${page}</p>`);
writeFileSync(join(dist, SCRIPT), text);
writeFileSync(join(dist, `${SCRIPT}.br`), brotliCompressSync(text));
writeFileSync(join(dist, `${SCRIPT}.gz`), gzipSync(text));
writeFileSync(join(dist, 'version.json'), '{"version":"one"}');

const app = express();
app.use(webApp(dist));
app.use(answerErrors(pino({ level: 'silent' })));
afterAll(() => rmSync(dist, { recursive: true, force: true }));

it.each([
  ['br', 'br, gzip'],
  ['br', 'gzip, deflate, br'],
  ['gzip', 'gzip'],
  ['gzip', 'br;q=0, gzip'],
  [undefined, 'identity'],
  [undefined, ''],
])('a script goes as %s to a browser that takes “%s”', async (encoding, accepted) => {
  const answer = await request(app).get(SCRIPT).set('Accept-Encoding', accepted).buffer(false);
  expect(answer.status).toBe(200);
  expect(answer.headers['content-encoding']).toBe(encoding);
  expect(answer.headers['content-type']).toMatch(/^text\/javascript/);
  expect(answer.headers['cache-control']).toBe('public, max-age=31536000, immutable');
  expect(answer.headers.vary).toMatch(/Accept-Encoding/);
});

it('what is sent smaller is the same', async () => {
  const answer = await request(app).get(SCRIPT).set('Accept-Encoding', 'gzip');
  expect(answer.text).toBe(text);
});

it.each([
  ['/', '', 'door'],
  ['/clients/7', '', 'door'],
  ['/', 'taxikine_session=abc', 'today'],
  ['/clients/7', 'taxikine_session=abc', 'index'],
  ['/home', '', 'home'],
  ['/home', 'taxikine_session=abc', 'home'],
])('%s with the cookie “%s” opens %s', async (path, cookie, page) => {
  const answer = await request(app).get(path).set('Cookie', cookie);
  expect(answer.text).toBe(`<p>${page}</p>`);
  expect(answer.headers['cache-control']).toBe('no-cache');
  expect(answer.headers.vary).toMatch(/Cookie/);
});

it.each(['/_expo/static/js/web/gone-12.js', '/assets/gone.woff2'])(
  '%s, which an older tab asks for, is not answered with a page',
  async (path) => {
    const { body } = await request(app).get(path).expect(404);
    expect(body).toMatchObject({ code: 'no-such-part' });
  },
);

it('the version may change at any time', async () => {
  const answer = await request(app).get('/version.json').expect(200);
  expect(answer.headers['cache-control']).toBe('no-cache');
  expect(answer.body).toEqual({ version: 'one' });
});

it('a page that is not there at this moment is said to be, and nobody waits for it', async () => {
  const page = join(dist, 'today.html');
  rmSync(page);
  const cookie = 'taxikine_session=abc';
  const { body } = await request(app).get('/').set('Cookie', cookie).timeout(2000).expect(503);
  expect(body).toMatchObject({ code: 'being-built' });
  writeFileSync(page, '<p>today</p>');
  await request(app).get('/').set('Cookie', cookie).expect(200);
});
