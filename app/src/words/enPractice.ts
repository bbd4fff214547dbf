/** Words of the practice as a whole. */
export const practice = {
  open: 'The practice: what holds, letters, export, restore',
  title: 'The practice as a whole',
  export: 'Take everything out',
  exportWords:
    'Every client with all visits, measures, kept pictures, plans and what came from home, your own drills and the weights there are, as one zip of readable files.',
  exportNow: 'Export the practice',
  restore: 'Put it back',
  restoreWords:
    'What the archive has and this practice lacks is added. What is here stays as it is, and nobody who was erased comes back.',
  archive: 'Archive of a practice',
  choose: 'Choose an archive',
  reading: 'Putting back …',
  restored: '{{made}} clients put back, {{known}} were here already, {{erased}} had been erased.',
  erased: 'Erased',
  nobodyErased: 'Nobody was erased.',
  erasedLine: '{{when}}: client {{id}}…, {{rows}} rows',
};
