import { CAUSES, type CaseFile, type CauseRow } from '../src';
import { HISTORY_EFFECTS } from '../src/knowledge/history';
import { oddsOf } from '../src/foundation/numeric/odds';
import { otherSide, type Side } from '../src/foundation/sides/side';
import { buildNodes } from '../src/inference/trace/buildNodes';
import { fileOf } from './fileMadeUp';

type History = CaseFile['client']['history'];

const nodesWith = (client: Partial<CaseFile['client']>) => buildNodes(fileOf({ client }).client);
const oddsIn = (history: History, key: string): number =>
  oddsOf(nodesWith({ history }).find((one) => one.key === key)!.prior);
/** What a history multiplies the odds of a cause by. */
const timesIn = (history: History, key: string): number => oddsIn(history, key) / oddsIn([], key);

describe.each(HISTORY_EFFECTS.map((row) => [`${row.what}: ${row.cause}`, row] as const))(
  '%s',
  (_name, { what, cause, odds, regions, side }) => {
    const on = (region: History[number]['region'], told?: Side): History => [
      { what, ...(region ? { region } : {}), ...(told ? { side: told } : {}) },
    ];
    const [near] = regions ?? [undefined];
    const meant = (told: Side) => `${cause}:${side === 'same' ? told : otherSide(told)}`;
    const spared = (told: Side) => `${cause}:${side === 'same' ? otherSide(told) : told}`;

    it.each(['left', 'right'] as const)('on the %s, of its own side and no other', (told) => {
      expect(timesIn(on(near, told), meant(told))).toBeCloseTo(odds, 9);
      expect(timesIn(on(near, told), spared(told))).toBeCloseTo(1, 9);
    });

    it('without a side, of both', () =>
      expect(['left', 'right'].map((one) => timesIn(on(near), `${cause}:${one}`))).toEqual([
        expect.closeTo(odds, 9),
        expect.closeTo(odds, 9),
      ]));

    it('elsewhere, or where nobody said where, only if the place does not matter', () => {
      const expected = regions ? 1 : odds;
      expect(timesIn(on('wrist', 'left'), meant('left'))).toBeCloseTo(expected, 9);
      expect(timesIn(on(undefined, 'left'), meant('left'))).toBeCloseTo(expected, 9);
    });
  },
);

it('two events of one cause multiply', () =>
  expect(
    timesIn(
      [
        { what: 'ligament', region: 'knee', side: 'left' },
        { what: 'operation', region: 'knee', side: 'left' },
      ],
      'knee-guard:left',
    ),
  ).toBeCloseTo(16, 9));

it('every cause stands there once a side, but for what only a client can be given', () => {
  const usual = (CAUSES as readonly CauseRow[]).filter(({ prior }) => prior > 0);
  const keys = usual.flatMap(({ id, sided }) =>
    sided ? [`${id}:left`, `${id}:right`] : [`${id}:-`],
  );
  expect(nodesWith({}).map(({ key }) => key)).toEqual(keys);
});

const RULING = (CAUSES as readonly CauseRow[]).filter(({ rulesOut }) => rulesOut);

it.each(RULING.map(({ id, rulesOut }) => [id, rulesOut!] as const))(
  '%s is certain where it is given, and rules out its own on that side alone',
  (id, rulesOut) => {
    const given = nodesWith({ given: [{ cause: id as CauseRow['id'] as never, side: 'left' }] });
    const keys = given.map(({ key }) => key);
    expect(given.find(({ key }) => key === `${id}:left`)!.prior).toBe(1);
    expect(keys).not.toContain(`${id}:right`);
    expect(keys.filter((key) => rulesOut.some((one) => key === `${one}:left`))).toEqual([]);
    expect(keys).toEqual(expect.arrayContaining(rulesOut.map((one) => `${one}:right`)));
    const out = rulesOut.map((one) => `${one}:left`);
    const before = nodesWith({}).map(({ key }) => key);
    expect(before.filter((key) => !keys.includes(key)).sort()).toEqual(out.sort());
  },
);
