/** Words of the page on which a password is chosen by a link. */
export const welcome = {
  invite: 'Welcome to {{practice}}',
  inviteLead: '{{name}}, choose a password. You sign in with it and {{email}}.',
  reset: 'Choose another password',
  resetLead: 'For {{email}} at {{practice}}. Wherever you are signed in, you are signed out.',
  password: 'Password',
  hint: 'At least {{least}} characters. A few words in a row are good.',
  show: 'Show what is typed',
  hide: 'Hide what is typed',
  go: 'Choose it and go in',
  gone: 'This link has run out, or was used already.',
  none: 'This page opens with a link alone.',
  ask: 'Ask an owner of your practice for a new one.',
  toDoor: 'To the door',
  found: 'Your practice begins here',
  foundLead:
    'You are its first owner. Coaches are invited by you, and clients are met by any of you.',
  foundPractice: 'Name of the practice',
  foundName: 'Your name',
  foundEmail: 'Your e-mail',
  foundGo: 'Make it and go in',
  foundGone: 'This address opens nothing any more.',
  foundAsk:
    'It opens for a day, and while there is no practice yet. Whoever runs Taxikine is told another one as it starts.',
};
