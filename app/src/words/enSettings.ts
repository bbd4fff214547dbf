/** Words of what a practice decides for itself. */
export const settings = {
  title: 'What holds here',
  name: 'Name of the practice',
  idle: 'A screen that nobody touches locks',
  never: 'never',
  minutes_one: 'after {{count}} minute',
  minutes_other: 'after {{count}} minutes',
  idleHint:
    'For every coach of the practice, from when they open the app next. What was entered is kept and goes on being sent.',
  save: 'Save',
  saved: 'Saved.',
};
