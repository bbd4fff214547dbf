/** Words of case files: opening and saving them. */
export const caseFile = {
  open: 'Open a case file',
  file: 'Case file',
  save: 'Save as case file',
  title: 'A case file',
  bad: 'This file cannot be used. Nothing was changed.',
  whole: 'the file',
  more: 'and {{count}} more',
  tooBig: 'is larger than 2 MB, which no case file is',
  empty: 'Nothing was found yet.',
  refer: 'It comes with a positive stop-and-refer answer: no drill until somebody clears it.',
  gate: 'The safety questions and consent are asked here, whatever the file says.',
  name: 'Name for this client',
  noName: 'A case file names nobody: give the client a name.',
  make: 'Make the client',
};
