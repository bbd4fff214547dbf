import { DRILLS, NO_WEEK_WISH, oneDrill, WEEKDAYS, type HomeDrill, type WeekInput } from '../src';

/** A drill of the library as it goes home, for what it aims at. */
export function homeDrill(id: string, part: Partial<HomeDrill> = {}): HomeDrill {
  const { dose, targets, oneSided } = oneDrill(id);
  const side = oneSided ? 'left' : null;
  return {
    drill: id,
    own: null,
    side,
    targets: targets.map(({ cause }) => `${cause}:${side ?? '-'}`),
    dose,
    rung: null,
    worth: 0.3,
    known: true,
    ...part,
  };
}

export const weekInput = (part: Partial<WeekInput> = {}): WeekInput => ({
  approach: 'blended',
  minutes: 20,
  days: [...WEEKDAYS],
  moments: ['07:30', '20:00'],
  trainings: [],
  kit: ['wall', 'mat', 'post', 'band', 'wedge', 'weight', 'roller'],
  flags: [],
  drills: [],
  wish: NO_WEEK_WISH,
  ...part,
});

export const everyDrill = DRILLS.map(({ id }) => id);
