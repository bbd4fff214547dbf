import type { Board as BoardData, Knot } from '@taxikine/core/reading/visit/threads';
import { fireEvent, screen, within } from '@testing-library/react';
import { Board } from '../src/visit/thread/Board';
import { Rail } from '../src/visit/thread/Rail';
import { ThreadList } from '../src/visit/thread/ThreadList';
import { show } from './show';

const knot = (key: string, column: Knot['column'], title: string, loose = false): Knot => ({
  key,
  column,
  title,
  note: `note of ${title}`,
  loose,
});

const board: BoardData = {
  knots: [
    knot('fault:hips-slide@left', 'look', 'Hips slide to the left'),
    knot('fault:trunk-folds', 'look', 'Trunk folds forward', true),
    knot('ankle-joint:right', 'trace', 'Right ankle will not bend'),
    knot('d1', 'work', 'Half-kneeling ankle pump, right'),
    knot('verdict:fault:hips-slide@left', 'again', 'Hips slide to the left'),
  ],
  strands: [
    { from: 'fault:hips-slide@left', to: 'ankle-joint:right', sure: 0.9, kind: 'restriction' },
    { from: 'ankle-joint:right', to: 'd1', sure: 0.9, kind: 'restriction' },
    { from: 'd1', to: 'verdict:fault:hips-slide@left', sure: 0.8, kind: 'restriction' },
  ],
};

const marks = {
  markOf: () => null,
  figureOf: (one: Knot) => (one.column === 'trace' ? '0.90' : null),
};

describe('the board', () => {
  it('has four columns and every knot in its place', () => {
    show(<Board board={board} width={1200} {...marks} />);
    expect(screen.getAllByRole('heading', { level: 2 }).map((one) => one.textContent)).toEqual([
      'Look',
      'Trace',
      'Work',
      'Look again',
    ]);
    expect(screen.getAllByRole('button')).toHaveLength(5);
    expect(screen.getByText('0.90')).toBeTruthy();
  });

  it('says where an end is loose', () => {
    show(<Board board={board} width={1200} {...marks} />);
    const loose = screen.getByText('loose end').closest('button')!;
    expect(within(loose).getByText('Trunk folds forward')).toBeTruthy();
  });

  it('lights the whole thread of what is touched, and dims the rest', () => {
    show(<Board board={board} width={1200} {...marks} />);
    const button = (title: string) => screen.getAllByText(title)[0].closest('button')!;
    fireEvent.click(button('Half-kneeling ankle pump, right'));
    expect(button('Right ankle will not bend').style.opacity).toBe('1');
    expect(Number(button('Trunk folds forward').style.opacity)).toBeLessThan(0.5);
    fireEvent.click(button('Half-kneeling ankle pump, right'));
    expect(button('Trunk folds forward').style.opacity).toBe('1');
  });

  it('has words for every empty column', () => {
    show(<Board board={{ knots: [], strands: [] }} width={1200} {...marks} />);
    for (const words of [
      'No fault seen.',
      'Nothing to trace.',
      'No drill chosen.',
      'Not looked at again.',
    ])
      expect(screen.getByText(words)).toBeTruthy();
  });
});

describe('the thread on the phone', () => {
  it('hangs fault, cause, drill and verdict on one line', () => {
    show(<ThreadList board={board} {...marks} />);
    const list = screen.getByRole('list', { name: 'Hips slide to the left' });
    expect(
      within(list)
        .getAllByRole('listitem')
        .map((one) => one.textContent),
    ).toEqual([
      expect.stringContaining('Hips slide to the left'),
      expect.stringContaining('Right ankle will not bend'),
      expect.stringContaining('Half-kneeling ankle pump, right'),
      expect.stringContaining('Hips slide to the left'),
    ]);
  });

  it.each([
    ['nobody traced it', 0, 'loose end: not traced'],
    ['no drill was done', 1, 'loose end: no drill done'],
    ['nobody looked again', 2, 'loose end: nobody looked again'],
  ])('says how it ends when %s', (_name, strands, words) => {
    const knots = board.knots.filter((one) => one.key !== 'fault:trunk-folds');
    show(<ThreadList board={{ knots, strands: board.strands.slice(0, strands) }} {...marks} />);
    expect(screen.getByText(words)).toBeTruthy();
  });
});

describe('the rail', () => {
  it.each([true, false])('names every step and says which one it is (across: %p)', (across) => {
    const go = jest.fn();
    show(
      <Rail current="check" done={new Set(['ask', 'setup', 'look'])} onStep={go} across={across} />,
    );
    const steps = within(
      screen.getByRole('navigation', { name: 'Steps of the visit' }),
    ).getAllByRole('button');
    expect(steps.map((one) => one.textContent)).toEqual([
      'Ask',
      'Set-up',
      'Look',
      'Probe',
      'Check',
      'Trace',
      'Work',
      'Again',
      'Verdict',
    ]);
    expect(
      steps
        .filter((one) => one.getAttribute('aria-current') === 'step')
        .map((one) => one.textContent),
    ).toEqual(['Check']);
    fireEvent.click(steps[5]);
    expect(go).toHaveBeenCalledWith('trace');
  });
});
