/** Words of who sees a client. */
export const seenBy = {
  title: 'Who sees this client',
  lead: 'Owners of the practice see everybody.',
  all: 'Every coach of the practice.',
  you: 'You, and the owners of the practice.',
  one: '{{name}}, and the owners of the practice.',
  choose: 'Change who sees them',
  mine: 'Keep them to yourself',
  open: 'Open them to every coach',
  everybody: 'Every coach',
  only: 'Only {{name}}',
};
