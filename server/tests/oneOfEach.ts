import {
  onePose,
  USUAL_SETUP,
  type ImageRecord,
  type OwnDrillRecord,
  type OwnPose,
  type PictureRecord,
  type PoseId,
  type ProbeRecord,
  type RecordKind,
  type VisitRecord,
} from '@taxikine/core';
import { newClient, newDrill, newLook, newPlan, newVisit } from './world';

const NOW = '2026-11-23T11:00:00.000Z';
const BARE = Buffer.from([0xff, 0xd8, 0xff, 0xdb, 0, 4, 1, 2, 0xff, 0xda, 0, 2]).toString('base64');

const on = ({ id: visitId, clientId }: VisitRecord) => ({
  id: crypto.randomUUID(),
  clientId,
  visitId,
});

const bare = (id: PoseId): OwnPose => {
  const { id: _, words: __, ...pose } = onePose(id);
  return pose;
};

export const newOwnDrill = (part: Partial<OwnDrillRecord> = {}): OwnDrillRecord => ({
  id: crypto.randomUUID(),
  name: 'Quay steps',
  family: 'strengthen',
  patterns: ['squat'],
  targets: [{ cause: 'quad-strength', effect: 'medium' }],
  oneSided: true,
  dose: { by: 'reps', reps: 8, sets: 2, secondsEach: 4 },
  kit: [],
  position: 'standing',
  breath: 'easy',
  how: 'Up and down one step, slowly.',
  feel: 'Front of the thigh',
  stopIf: 'pain of 3 or more',
  easier: 'Lower step',
  harder: 'Higher step',
  excludedBy: [],
  poses: [bare('one-leg-stand'), bare('one-leg-bend')],
  removed: false,
  ...part,
});

/** What a record is made for. */
export interface Around {
  readonly visit: VisitRecord;
  readonly planId: string;
  readonly practiceId: string;
}

/** One of each kind. */
export const ONE_OF_EACH: Readonly<Record<RecordKind, (around: Around) => { id: string }>> = {
  clients: () => newClient(),
  ownDrills: () => newOwnDrill(),
  rooms: ({ practiceId: id }) => ({
    id,
    weights: { dumbbells: [{ kg: 4, count: 2 }], plates: [], handles: 0, handleKg: 2 },
  }),
  visits: ({ visit }) => newVisit(visit.clientId),
  looks: ({ visit }) => newLook(visit),
  probes: ({ visit }): ProbeRecord => ({
    ...on(visit),
    probe: 'heels-up',
    setup: USUAL_SETUP,
    outcomes: [],
    doneOn: NOW,
    removed: false,
  }),
  checks: ({ visit }) => ({
    ...on(visit),
    role: 'first',
    check: 'hip-bend',
    side: 'left',
    passive: 100,
    held: true,
    active: null,
    braced: null,
    result: null,
    felt: null,
    pinch: null,
    doneOn: NOW,
    removed: false,
  }),
  drills: ({ visit }) => newDrill(visit),
  pictures: ({ visit }): PictureRecord => ({
    ...on(visit),
    role: 'first',
    view: 'side',
    phase: 'bottom',
    width: 600,
    height: 800,
    marks: {},
    plumb: null,
    scale: null,
    imageWrites: 1,
    kept: true,
    takenOn: NOW,
    removed: false,
  }),
  images: ({ visit }): ImageRecord => ({ ...on(visit), jpeg: BARE }),
  homePlans: ({ visit }) => newPlan(visit),
  messages: ({ visit: { clientId }, planId }) => ({
    id: crypto.randomUUID(),
    clientId,
    kind: 'plan-ready',
    planId,
    dueOn: null,
    askedOn: NOW,
  }),
};
