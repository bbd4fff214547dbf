import type { View } from '@taxikine/core/body/stance/patterns';
import { USUAL_SETUP } from '@taxikine/core/body/stance/setup';
import { NOTHING_SEEN } from '@taxikine/core/records/looks/nothingSeen';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { fireEvent, screen } from '@testing-library/react';
import { FaultRows } from '../src/visit/look/FaultRows';
import { faultsAt } from '../src/visit/look/lookState';
import { PainSheet } from '../src/visit/look/PainSheet';
import { setupWords } from '../src/visit/steps/setupWords';
import '../src/words/coachWords';
import { catalogue } from '../src/words/i18n';
import { show } from './show';

const look: LookRecord = {
  id: 'l',
  clientId: 'c',
  visitId: 'v',
  role: 'first',
  setup: USUAL_SETUP,
  ...NOTHING_SEEN,
  clear: ['pelvis-turns'],
  startedOn: '',
};

function rows(view: View, of: LookRecord = look) {
  const change = jest.fn();
  show(
    <FaultRows
      rows={faultsAt('squat', 'hips', view, 'bottom', of)}
      look={of}
      view={view}
      phase="bottom"
      onChange={(next, touched) => change(next(of), touched)}
      onOpen={() => undefined}
    />,
  );
  return change;
}

it.each([
  ['back', ['slide, left', 'slide, right']],
  ['front', ['slide, right', 'slide, left']],
] as const)('from the %s, the client’s left is where the coach sees it', (view, expected) => {
  rows(view);
  const names = screen.getAllByRole('button').map((one) => one.getAttribute('aria-label'));
  expect(names.slice(0, 2)).toEqual(expected);
});

it('one tap logs side and fault', () => {
  const change = rows('back');
  fireEvent.click(screen.getByRole('button', { name: 'slide, left' }));
  expect(change).toHaveBeenCalledWith(
    expect.objectContaining({
      faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'slight' }],
    }),
    'hips-slide@left',
  );
});

it('says what was seen and what was looked for in vain', () => {
  rows('back', {
    ...look,
    faults: [{ fault: 'hips-slide', side: 'right', phase: 'bottom', grade: 'marked' }],
  });
  expect(
    screen.getByRole('button', { name: 'slide, right, marked' }).getAttribute('aria-pressed'),
  ).toBe('true');
  expect(screen.getByText('looked for, clear')).toBeTruthy();
});

it('a fault without a side has one button', () => {
  rows('side');
  expect(screen.getAllByRole('button').map((one) => one.getAttribute('aria-label'))).toEqual([
    'short of depth, seen',
    'tucks under, seen',
  ]);
});

describe('pain', () => {
  it.each([
    [2, '0 to 2: go on', true],
    [3, '3 or 4: make it easier', true],
    [5, 'Stop this movement', true],
    [0, '0 to 2: go on', false],
  ])('%p of 10 says what to do at once', (score, words, asks) => {
    show(<PainSheet phase="bottom" onSave={() => undefined} onClose={() => undefined} />);
    fireEvent.click(screen.getByRole('button', { name: `How much, 0 to 10: ${score}` }));
    const said = screen.getByRole('status').textContent!;
    expect(said).toContain(words);
    expect(said.includes('safety questions')).toBe(asks);
  });

  it('cannot be recorded without a number', () => {
    const save = jest.fn();
    show(<PainSheet phase="bottom" onSave={save} onClose={() => undefined} />);
    fireEvent.click(screen.getByRole('button', { name: 'Record pain' }));
    expect(save).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('button', { name: 'How much, 0 to 10: 4' }));
    fireEvent.click(screen.getByRole('button', { name: 'Record pain' }));
    expect(save).toHaveBeenCalledWith(
      expect.objectContaining({ region: 'knee', phase: 'bottom', score: 4, kind: 'ache' }),
    );
  });
});

it.each([
  ['as usual', {}, '36\u00a0cm · toes 10°/10° · ahead'],
  [
    'heels raised, hand on a post',
    { heelLiftMm: 25, hands: 'post' },
    '36\u00a0cm · toes 10°/10° · ahead · heels +25\u00a0mm · hand on a post',
  ],
  [
    'loaded',
    { load: { at: 'goblet', kg: 12 } },
    '36\u00a0cm · toes 10°/10° · ahead · 12 kg at the chest',
  ],
] as const)('a set-up in one line: %s', (_name, part, words) => {
  expect(setupWords({ ...USUAL_SETUP, ...part }, catalogue.t as never)).toBe(words);
});
