/** Things a drill may need, and a client may have at home. */
export const KIT = [
  { id: 'post', name: 'Post or rail' },
  { id: 'wedge', name: 'Wedge' },
  { id: 'band', name: 'Band' },
  { id: 'wall', name: 'Free wall' },
  { id: 'mat', name: 'Mat' },
  { id: 'weight', name: 'Light weight' },
  { id: 'roller', name: 'Roller or ball' },
] as const;

export type Kit = (typeof KIT)[number]['id'];
