/** Words of a screen that is locked. */
export const lock = {
  title: 'Locked',
  words: '{{name}} is signed in here. What was entered is kept, and goes on being sent.',
  password: 'Your password',
  code: 'The code of this device',
  go: 'Open',
  withPassword: 'Open with the password',
  codeWrong_one: 'This is not the code. One try is left, then only the password opens.',
  codeWrong_other: 'This is not the code. {{count}} tries are left.',
  codeGone: 'Too many wrong codes: only your password opens now.',
  now: 'Lock this screen',
  nowNote: 'What was entered is kept',
};
