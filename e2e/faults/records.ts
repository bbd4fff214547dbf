import { randomUUID } from 'node:crypto';
import {
  NO_WEEK_WISH,
  NOTHING_HELD,
  NOTHING_TOLD,
  oneDrill,
  type ClientRecord,
  type DoseEntry,
  type HomePlanRecord,
  type VisitRecord,
} from '@taxikine/core';

/** What the devices write; nobody of it is anybody. */
export const newClient = (name: string): ClientRecord => ({
  id: randomUUID(),
  name,
  about: 'made up',
  heightM: 1.72,
  massKg: 71,
  ...NOTHING_TOLD,
  consent: { on: '2026-11-01', wording: '2026-1', guardian: null },
  contact: { email: 'somebody@faults.example', reminders: false },
});

export const newVisit = (clientId: string, openedOn: string): VisitRecord => ({
  id: randomUUID(),
  clientId,
  pattern: 'squat',
  openedOn,
  closedOn: null,
  step: 'ask',
  asks: [{ on: openedOn, positives: [] }],
  minutes: 12,
  next: 'training',
  ...NOTHING_HELD,
});

export const newPlan = (visit: VisitRecord): HomePlanRecord => ({
  id: randomUUID(),
  clientId: visit.clientId,
  visitId: visit.id,
  pattern: 'squat',
  approach: 'blended',
  startsOn: visit.openedOn.slice(0, 10),
  weeks: 6,
  timeZone: 'Europe/Oslo',
  minutes: 15,
  days: ['mon', 'wed', 'fri'],
  moments: ['07:30'],
  trainings: [],
  kit: ['wall', 'mat'],
  flags: [],
  drills: [
    {
      drill: 'squat-to-target',
      own: null,
      side: null,
      targets: [],
      dose: oneDrill('squat-to-target').dose,
      rung: null,
      worth: 0.3,
      known: true,
    },
  ],
  wish: NO_WEEK_WISH,
  note: '',
  answers: [],
  madeOn: visit.openedOn,
  endedOn: null,
});

export const newDose = (plan: HomePlanRecord): DoseEntry => ({
  id: randomUUID(),
  planId: plan.id,
  planVersion: 1,
  on: plan.startsOn,
  said: plan.madeOn,
  kind: 'dose',
  key: 'squat-to-target@',
  at: '07:30',
  name: 'Squat to a target',
  done: 'done',
  why: null,
  pain: 0,
  sharp: false,
});
