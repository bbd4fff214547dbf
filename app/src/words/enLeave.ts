/** Words of leaving. */
export const leave = {
  title: 'When this client leaves',
  export: 'Everything in one file (zip)',
  making: 'Packing …',
  erase: 'Erase this client',
  ownerOnly: 'An owner of the practice takes a client’s file out, or erases them.',
  unsent: 'Some changes are not sent yet and not in the file.',
  failed: 'The server did not answer. Nothing was changed; try again.',
  eraseTitle: 'Erase {{name}}',
  eraseWords:
    'Visits, measures, pictures, plans, the client’s page, letters and what came from home are deleted for good, here and on the server. That it was done is kept; who it was is not. Take the file first if it may be needed.',
  typeName: 'Type the whole name',
  eraseNow: 'Erase for good',
};
