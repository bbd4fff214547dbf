/** Words of leaving a device for good. */
export const forget = {
  title: 'Sign out and leave nothing here',
  note: 'On a device that others use, too',
  words:
    'Files of clients, pictures and recordings are taken from this device. Pictures that were not kept and recordings lie nowhere else: they are gone. On the server everything stays.',
  unsent_one: 'One change is not sent yet, and would be lost.',
  unsent_other: '{{count}} changes are not sent yet, and would be lost.',
  go: 'Leave nothing here',
};

/** Words of giving the password again. */
export const confirm = {
  title: 'Your password, please',
  words: 'It was a while since you gave it, and this cannot be undone.',
  password: 'Your password',
  go: 'Go on',
};
