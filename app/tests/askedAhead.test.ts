import { maybeAskedAhead } from '../src/data/askedAhead';

const ANSWER = Promise.resolve({} as Response);

it.each([
  ['was not asked for', {}, null],
  ['was asked for', { '/session': ANSWER }, ANSWER],
])('an answer that %s', (_what, asked, expected) => {
  globalThis.taxikineAsked = asked;
  expect(maybeAskedAhead('/session')).toBe(expected);
});

it('is handed over once: later it would be old', () => {
  globalThis.taxikineAsked = { '/session': ANSWER };
  maybeAskedAhead('/session');
  expect(maybeAskedAhead('/session')).toBeNull();
});

it('is not there where nothing asks ahead', () => {
  globalThis.taxikineAsked = undefined;
  expect(maybeAskedAhead('/session')).toBeNull();
});
