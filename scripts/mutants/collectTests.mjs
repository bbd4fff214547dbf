import { bind } from 'jest-each';

/**
 * What a test file says, without running it: each test by its whole name. `.each` is Jest's own.
 *
 * @param {(globals: object) => void} load evaluates the file with `describe`, `it` and `test`
 * @returns {{ id: string, run: () => unknown }[]} in the order of the file
 */
export function collectTests(file, load) {
  const tests = [];
  const around = [];
  const seen = new Map();
  const it = (name, run) => {
    const whole = [file, ...around, name].join(' › ');
    const times = seen.get(whole) ?? 0;
    seen.set(whole, times + 1);
    tests.push({ id: times === 0 ? whole : `${whole} (${times + 1})`, run });
  };
  const describe = (name, body) => {
    around.push(name);
    body();
    around.pop();
  };
  it.each = bind(it, false);
  describe.each = bind(describe, false);
  load({ describe, it, test: it });
  return tests;
}
