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
  units: 'Lengths and weights in',
  unitsOf: { metric: 'centimetres, kilograms', imperial: 'inches, pounds' },
  weekStart: 'The week begins on',
  timeZone: 'Time zone',
  zoneOfDevice: 'each device’s own (here {{zone}})',
  zoneHint: 'In whose days a look is due, a letter goes out and a report is dated.',
  norms: 'What counts as usual here',
  noNorms:
    'As in the table. Where a range is checked, “Own norm” can hold for everybody of the practice.',
  normsHint: 'In place of the table, for every client who has no norm of their own.',
  consent: 'What clients agree to',
  consentHint:
    'Each wording is kept. Who agreed to an earlier one is shown with it, and can agree anew.',
  reword: 'Change the wording',
  consentText: 'The new wording',
  consentSave: 'Ask for this from now on',
  consentWas: '{{version}}, since {{since}}',
  save: 'Save',
  saved: 'Saved.',
};
