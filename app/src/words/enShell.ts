/** Words of the door, and of what may go wrong before anything else is there. */
export const enShell = {
  app: 'Taxikine',
  tagline: 'Look, trace, work, look again.',
  close: 'Close',
  cancel: 'Cancel',
  save: 'Save',
  back: 'Back',
  undo: 'Undo',
  remove: 'Take back',
  done: 'Done',
  next: 'Next',
  left: 'left',
  right: 'right',
  loading: 'Reading …',
  notThere: 'There is nothing at this address.',
  notThereHint: 'It may belong to another practice, or never have been.',
  goHome: 'To the loose ends',
  noAnswer: 'The server does not answer.',
  noAnswerHint: 'What you entered is safe on this device. We try again by ourselves.',
  tryAgain: 'Try again',
  signIn: {
    title: 'Sign in',
    email: 'E-mail',
    password: 'Password',
    go: 'Sign in',
    needed: { email: 'e-mail is needed', password: 'password is needed' },
    again: 'Sign in again',
    forgotten: 'Forgot the password?',
    letter:
      'If {{email}} has an account here, a letter with a link is on its way. It opens once, within {{minutes}} minutes.',
    out: 'Sign out',
    expired: 'Your session has expired. What you entered is kept; sign in and it goes on.',
    leaving:
      'You are signed out on this device. The server has not heard of it yet and is told as soon as it answers.',
    unsentOut: 'Some changes are not sent yet. They stay on this device for you.',
    caution:
      'Taxikine supports a coach’s judgement. It does not diagnose. Local rules and licensed clinicians come first.',
  },
  part: {
    offline: 'This part of the app is not on this device yet.',
    offlineHint:
      'There is no signal to fetch it with. What you entered is kept; we try again by ourselves.',
    'new-version': 'There is a newer version of the app.',
    'new-versionHint':
      'This tab still has the older one. What you entered is kept on this device; load it anew and go on.',
    broken: 'A part of the app came broken.',
    brokenHint: 'It was cut off on its way. What you entered is kept; we try again by ourselves.',
    reload: 'Load it anew',
    newer: 'A newer version is ready. It waits until you want it.',
    later: 'Later',
  },
  broken: {
    app: 'The app stopped.',
    screen: 'This screen stopped.',
    safe: 'What you entered is kept on this device and is sent as soon as it can be.',
    begin: 'Load it anew',
  },
};
