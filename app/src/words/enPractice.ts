/** Words of the practice as a whole. */
export const practice = {
  open: 'The practice',
  openNote: 'People, letters, export, restore',
  title: 'The practice as a whole',
  export: 'Take everything out',
  exportWords:
    'Every client with all visits, measures, kept pictures, plans and what came from home, your own drills and the weights there are, as one zip of readable files.',
  exportNow: 'Export the practice',
  restore: 'Put it back',
  restoreWords:
    'What the archive has and this practice lacks is added, client by client. What is here stays as it is, nobody who was erased comes back, and whom the archive knows as erased is erased here, too.',
  archive: 'Archive of a practice',
  choose: 'Choose an archive',
  reading: 'Putting back …',
  sending: 'Sending the archive …',
  notSent:
    'The archive did not reach the server. Nothing was written; choose it again when there is a line.',
  tooLarge: 'This archive is larger than {{most}} MB. Nothing was sent.',
  receiving: 'An archive is on its way here, from this device or another.',
  opening: 'The archive is here and is being opened. It goes on when you leave this page.',
  going: 'Looked at {{read}} of {{clients}} clients. It goes on when you leave this page.',
  restored: '{{made}} clients put back, {{known}} were here already, {{erased}} had been erased.',
  erasedAgain_one: 'One client was here and is erased again, as the archive knows.',
  erasedAgain_other: '{{count}} clients were here and are erased again, as the archive knows.',
  closed_one:
    'One of them came with open drills or a plan that may not be done: for a safety answer, missing consent, a flag or a pain. They were ended.',
  closed_other:
    '{{count}} of them came with open drills or plans that may not be done: for a safety answer, missing consent, a flag or a pain. They were ended.',
  notTaken_one: 'One client was not taken, and nothing of them is here:',
  notTaken_other: '{{count}} clients were not taken, and nothing of them is here:',
  refused: 'The archive was refused as a whole, and nothing was written.',
  restoreFailed:
    'It ended before its end, {{read}} clients looked at. Choose the archive again: who is back stays as they are.',
  askedOn: 'Handed over {{when}}',
  erased: 'Erased',
  nobodyErased: 'Nobody was erased.',
  erasedLine: '{{when}}: client {{id}}…, {{rows}} rows',
};
