import { webcrypto } from 'node:crypto';
import { TextEncoder } from 'node:util';
import {
  CODE_DIGITS,
  dropCode,
  hasCode,
  MOST_WRONG,
  setCode,
  tryCode,
} from '../src/data/lock/deviceCode';

// What every browser has, and jsdom has not.
beforeAll(() => {
  Object.defineProperty(globalThis, 'crypto', { value: webcrypto });
  Object.defineProperty(globalThis, 'TextEncoder', { value: TextEncoder });
});
beforeEach(() => localStorage.clear());

it.each([
  ['123', false],
  ['1234', true],
  ['12345678', true],
  ['123456789', false],
  ['12a4', false],
  [' 1234', false],
])('%s is digits enough: %s', (code, isGood) => expect(CODE_DIGITS.test(code)).toBe(isGood));

it('opens with its digits alone, for the one whose they are, and does not say them', async () => {
  await setCode('ilse', '2580');
  expect(await tryCode('ilse', '2580')).toEqual({ status: 'right' });
  expect(await tryCode('tobiah', '2580')).toEqual({ status: 'gone' });
  expect(JSON.stringify(localStorage)).not.toContain('2580');
});

it('is gone after as many wrong ones as are let through, and a right one ends the count', async () => {
  await setCode('ilse', '2580');
  expect(await tryCode('ilse', '0000')).toEqual({ status: 'wrong', left: MOST_WRONG - 1 });
  await tryCode('ilse', '2580');
  for (let left = MOST_WRONG - 1; left > 0; left--)
    expect(await tryCode('ilse', '0000')).toEqual({ status: 'wrong', left });
  expect(await tryCode('ilse', '0000')).toEqual({ status: 'gone' });
  expect(hasCode('ilse')).toBe(false);
  expect(await tryCode('ilse', '2580')).toEqual({ status: 'gone' });
});

it('counts tries that are made at once', async () => {
  await setCode('ilse', '2580');
  const asked = Array.from({ length: MOST_WRONG + 3 }, () => tryCode('ilse', '0000'));
  const gone = (await Promise.all(asked)).filter(({ status }) => status === 'gone');
  expect(gone.length).toBeGreaterThanOrEqual(4);
  expect(hasCode('ilse')).toBe(false);
});

it('can be taken away', async () => {
  await setCode('ilse', '2580');
  dropCode('ilse');
  expect(hasCode('ilse')).toBe(false);
});
