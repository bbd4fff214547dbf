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
};
