/** Words of the printed handout that the core does not say. */
export const HANDOUT_WORDS = {
  title: (name: string) => `${name}: at home`,
  dose: (dose: string, times: number) =>
    `${dose}, ${times === 1 ? 'once' : `${times} times`} a week`,
  feel: 'Feel it here: ',
  stopIf: 'Stop if: ',
  easier: 'Easier: ',
  week: 'The week',
  nothing: '–',
  reviews: (days: string) => `We look again: ${days}.`,
  pain: 'Pain of 3 or 4: the easier form. Of 5 or more, sharp, locking, giving way or tingling: stop that drill and tell your coach. Worse the next morning: half of it.',
  caution:
    'This supports what your coach showed you and takes no clinician’s place: when something worries you, see one.',
  days: { mon: 'Mon', tue: 'Tue', wed: 'Wed', thu: 'Thu', fri: 'Fri', sat: 'Sat', sun: 'Sun' },
} as const;
