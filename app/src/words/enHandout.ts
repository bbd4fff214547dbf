/** Words of the handout. */
export const handout = {
  title: 'Handout',
  open: 'Handout',
  of: '{{name}}: at home',
  large: 'Large print',
  heldBack:
    'No drills on paper: consent is missing, or a clinician has to clear this client first.',
  dose_one: '{{dose}}, once a week',
  dose_other: '{{dose}}, {{count}} times a week',
  feel: 'Feel it here: {{feel}}',
  stopIf: 'Stop if: {{stopIf}}',
  easier: 'Easier: {{easier}}',
  week: 'The week',
  reviews: 'We look again: {{days}}.',
  pain: 'Pain of 3 or 4: the easier form. Of 5 or more, sharp, locking, giving way or tingling: stop that drill and tell your coach. Worse the next morning: half of it.',
};
