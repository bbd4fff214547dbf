/** Words of what is counted, timed and noted in a look. */
export const tally = {
  reps: 'Repetitions and tempo',
  done_one: '1 repetition',
  done_other: '{{count}} repetitions',
  down: 'down {{time}}',
  up: 'up {{time}}',
  count: 'Count one repetition',
  tempo: 'Tap the tempo: {{next}}',
  goesDown: 'Goes down',
  bottom: 'Bottom',
  stands: 'Stands',
  less: '−1',
  takeBack: 'Take the last repetition back',
  rest: 'Rest at the bottom',
  begin: 'Start',
  stop: 'Stop',
  restNote: 'rested {{time}} s at the bottom',
} as const;

export const notes = {
  open: 'Notes',
  title: 'Notes, one tap each',
  lead: 'For where you are looking now: {{phase}}.',
} as const;
