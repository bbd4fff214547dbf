/** Standing facts about a client that change which drills are offered. */
export const FLAGS = [
  {
    id: 'joint-replacement',
    name: 'Replaced joint',
    note: 'Keep inside the range the surgeon gave.',
  },
  { id: 'osteoporosis', name: 'Osteoporosis', note: 'No loaded rounding of the back.' },
  {
    id: 'pregnancy',
    name: 'Pregnant, or gave birth recently',
    note: 'No long lying on the back, no breath holding.',
  },
  { id: 'hypermobility', name: 'Hypermobile', note: 'No long holds at end range; control first.' },
  { id: 'minor', name: 'Under age', note: 'A guardian consents.' },
  {
    id: 'blood-thinners',
    name: 'Blood thinners',
    note: 'No massage tools without a clinician’s word.',
  },
  {
    id: 'prosthesis',
    name: 'Prosthesis',
    note: 'Look at the skin first; no drills for the missing joint.',
  },
  { id: 'neuropathy', name: 'Numb feet', note: 'Eyes open, hand on a support.' },
] as const;

export type FlagId = (typeof FLAGS)[number]['id'];
