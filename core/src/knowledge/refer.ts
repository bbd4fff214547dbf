/** Questions asked before the first look, and again whenever pain is reported. */
export interface ReferRow {
  readonly id: string;
  readonly urgency: 'emergency' | 'clinician';
  readonly question: string;
  /** What the coach reads out when the answer is yes. */
  readonly say: string;
}

export const REFER_QUESTIONS = [
  {
    id: 'saddle-numbness',
    urgency: 'emergency',
    question: 'Numb between the legs, where a saddle would touch?',
    say: 'This can be an emergency of the spine. Emergency care now, today; no exercise.',
  },
  {
    id: 'bladder-bowel',
    urgency: 'emergency',
    question: 'New trouble holding or passing water or stool?',
    say: 'This can be an emergency of the spine. Emergency care now, today; no exercise.',
  },
  {
    id: 'chest-pain-effort',
    urgency: 'emergency',
    question: 'Chest pain or fainting with effort?',
    say: 'Stop all effort. Call the emergency number if it is there now; a doctor before any exercise.',
  },
  {
    id: 'calf-clot',
    urgency: 'emergency',
    question: 'A hot, swollen calf, or suddenly short of breath?',
    say: 'This can be a clot. Emergency care now; do not massage or stretch the leg.',
  },
  {
    id: 'night-pain',
    urgency: 'clinician',
    question: 'Pain at night or at rest that does not ease?',
    say: 'A clinician should see this before any drill.',
  },
  {
    id: 'fever',
    urgency: 'clinician',
    question: 'Unwell or feverish, with a painful joint?',
    say: 'A clinician should see this before any drill, today if the joint is hot.',
  },
  {
    id: 'weight-loss',
    urgency: 'clinician',
    question: 'Losing weight without a reason?',
    say: 'A clinician should see this before any drill.',
  },
  {
    id: 'cancer-history',
    urgency: 'clinician',
    question: 'Ever had cancer, and a new pain in a bone?',
    say: 'A clinician should see this before any drill.',
  },
  {
    id: 'recent-trauma',
    urgency: 'clinician',
    question: 'A recent fall or blow with swelling, or cannot bear weight?',
    say: 'A clinician should rule out a break before any drill.',
  },
  {
    id: 'locks-gives-way',
    urgency: 'clinician',
    question: 'A joint that locks or gives way?',
    say: 'A clinician should see this joint before any drill.',
  },
  {
    id: 'leg-weakness',
    urgency: 'clinician',
    question: 'A leg getting weaker, or numbness that spreads?',
    say: 'A clinician should see this before any drill, soon.',
  },
  {
    id: 'recent-operation',
    urgency: 'clinician',
    question: 'An operation in the last 12 weeks, not yet cleared for exercise?',
    say: 'The surgeon or clinician clears this before any drill.',
  },
] as const satisfies readonly ReferRow[];

export type ReferId = (typeof REFER_QUESTIONS)[number]['id'];

const byId = new Map<string, ReferRow>(REFER_QUESTIONS.map((row) => [row.id, row]));

/** The row of a question. Throws on an id that is not in the table. */
export function oneReferQuestion(id: string): ReferRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown stop-and-refer question ${id}`);
  return row;
}
