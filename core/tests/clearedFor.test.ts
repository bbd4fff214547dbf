import { addDays, type Clearance } from '../src';
import { clearedFor } from '../src/inference/safety/clearedFor';

const TODAY = '2026-03-31';
const cleared = (part: Partial<Clearance> = {}): Clearance => ({
  question: 'recent-operation',
  reportedIn: 'v1',
  recordedIn: 'v1',
  by: 'Dr Orla Fenn',
  on: TODAY,
  scope: 'bending to 90°',
  ...part,
});

describe('what was cleared, and for what', () => {
  it('is said with the name, the day and the words of the clinician', () =>
    expect(clearedFor([cleared()], TODAY)).toEqual([
      'Cleared by Dr Orla Fenn on 2026-03-31 for “bending to 90°”: keep to that.',
    ]));

  it.each([
    [0, 1],
    [83, 1],
    [84, 1],
    [85, 0],
    [400, 0],
  ])('%d days after: %d', (days, count) =>
    expect(clearedFor([cleared()], addDays(TODAY, days))).toHaveLength(count),
  );

  it('the newest word on a question counts, and other questions keep theirs', () => {
    const all = [
      cleared({ scope: 'walking' }),
      cleared({ question: 'night-pain', scope: 'all but running' }),
      cleared({ scope: 'squats to a chair' }),
    ];
    const says = clearedFor(all, TODAY).join(' ');
    expect(says).not.toContain('walking');
    expect(says).toContain('all but running');
    expect(says).toContain('squats to a chair');
  });

  it('the newest is that of the latest day, in whatever order they were written', () => {
    const all = [cleared({ scope: 'new' }), cleared({ scope: 'old', on: addDays(TODAY, -20) })];
    expect(clearedFor(all, TODAY)).toEqual([expect.stringContaining('“new”')]);
  });

  it('nobody had to clear anything', () => expect(clearedFor([], TODAY)).toEqual([]));
});
