import { knownHost } from '../src/http/knownHost';
import { maybeOpenHost, namesOf } from '../src/http/maybeOpenHost';

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

it.each<[string, string | undefined, string[] | null]>([
  ['127.0.0.1', undefined, []],
  ['127.0.0.1', 'https://Rooms.example/', ['rooms.example']],
  ['0.0.0.0', 'https://rooms.example:8443', ['rooms.example']],
  ['0.0.0.0', undefined, null],
])('at %s with the address %s it goes by %j', (host, publicUrl, names) => {
  expect(namesOf(host, publicUrl)).toEqual(names);
});

it.each<[string | undefined, string[] | null, boolean]>([
  ['127.0.0.1:4310', [], true],
  ['localhost', [], true],
  ['[::1]:4310', [], true],
  ['LOCALHOST:1', [], true],
  ['rooms.example', ['rooms.example'], true],
  ['rooms.example:8443', ['rooms.example'], true],
  ['rooms.example', [], false],
  ['rooms.example.evil.example', ['rooms.example'], false],
  ['evil.example', ['rooms.example'], false],
  ['127.0.0.1.evil.example', [], false],
  ['evil.example:80:80', ['evil.example'], false],
  ['', [], false],
  [undefined, [], false],
  ['anybody.example', null, true],
])('a request to %s where it goes by %j is let: %p', (host, names, isLet) => {
  const next = jest.fn();
  knownHost(names)({ headers: { host } } as never, null as never, next);
  expect(next).toHaveBeenCalledTimes(1);
  expect(next.mock.calls[0][0]?.status).toBe(isLet ? undefined : 421);
});
