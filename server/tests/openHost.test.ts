import { maybeOpenHost } from '../src/http/maybeOpenHost';

it.each([
  ['127.0.0.1', false, true],
  ['127.8.0.1', false, true],
  ['::1', false, true],
  ['localhost', false, true],
  ['0.0.0.0', false, false],
  ['0.0.0.0', true, true],
  ['::', false, false],
  ['192.0.2.1', false, false],
  ['127.0.0.1.example', false, false],
  ['127.0.0.1.example', true, true],
])('listening at %s, with secure cookies %p, is let: %p', (host, secure, isLet) => {
  expect(maybeOpenHost(host, secure) === null).toBe(isLet);
});
