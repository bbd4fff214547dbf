import {
  heldFromHome,
  homeDrillsOf,
  drillKey,
  noRecords,
  NOTHING_DONE,
  NOTHING_HELD,
  NOTHING_TOLD,
  oneDrill,
  visitPart,
  type ClientFile,
  type DoseEntry,
  type HomeAnswer,
} from '../src';
import { newDose, newPlan } from './madeUp';

const [CLIENT, VISIT, PLAN, LATER] = [1, 2, 3, 4].map(
  (n) => `00000000-0000-4000-8000-00000000000${n}`,
);
const DRILL = 'squat-to-target';

const said = (part: Partial<DoseEntry>): DoseEntry =>
  newDose(PLAN, {
    id: '00000000-0000-4000-8000-000000000009',
    on: '2026-03-05',
    done: 'partly',
    why: 'hurt',
    pain: 6,
    sharp: true,
    ...part,
  });

interface Course {
  readonly entry?: Partial<DoseEntry>;
  readonly answers?: readonly HomeAnswer['does'][];
  readonly doneOn?: string | null;
}

/** A drill kept in a session, sent home, told of, and its plan ended; then a plan after it. */
function fileOf({ entry, answers = [], doneOn = '2026-03-01T10:30:00.000Z' }: Course): ClientFile {
  const told = entry ? [said(entry)] : [];
  const on = '2026-03-06T08:00:00.000Z';
  const about = { clientId: CLIENT, visitId: VISIT };
  const atHome = { clientId: CLIENT, id: VISIT };
  const client = { id: CLIENT, version: 1, name: 'A', about: '', heightM: 1.75, massKg: 75 };
  return {
    ...noRecords(),
    client: { ...NOTHING_TOLD, ...client },
    visits: [
      {
        ...NOTHING_HELD,
        id: VISIT,
        version: 1,
        clientId: CLIENT,
        pattern: 'squat',
        openedOn: '2026-03-01T10:00:00.000Z',
        closedOn: null,
        step: 'verdict',
        asks: [],
        minutes: 12,
        next: 'rest',
      },
    ],
    drills: [
      {
        ...NOTHING_DONE,
        ...about,
        id: 'd',
        version: 1,
        place: 0,
        drill: DRILL,
        side: null,
        targets: [],
        dose: oneDrill(DRILL).dose,
        status: 'done',
        keep: 'keep',
        doneOn,
      } as ClientFile['drills'][number],
    ],
    homePlans: [
      {
        ...newPlan(atHome, { id: PLAN, startsOn: '2026-03-02' }),
        version: 1,
        endedOn: on,
        answers: told.flatMap(({ id }) => answers.map((does) => ({ entry: id, does, on }))),
      },
      { ...newPlan(atHome, { id: LATER, startsOn: '2026-03-06' }), version: 1 },
    ],
    homeEntries: told,
  };
}

it.each<[string, Course, boolean]>([
  ['nothing was said', {}, true],
  ['a little pain', { entry: { pain: 2, sharp: false, why: null } }, true],
  ['pain that makes it easier', { entry: { pain: 4, sharp: false } }, true],
  ['sharp pain', { entry: {} }, false],
  ['pain of 5', { entry: { pain: 5, sharp: false } }, false],
  ['sharp pain, seen, and the plan ended', { entry: {}, answers: ['stay'] }, false],
  ['sharp pain, and the coach says go on', { entry: {}, answers: ['go-on'] }, true],
  ['go on, and then taken out after all', { entry: {}, answers: ['go-on', 'take-out'] }, false],
  ['taken out for pain of 4', { entry: { pain: 4, sharp: false }, answers: ['take-out'] }, false],
  ['said of the plan after it', { entry: { planId: LATER } }, false],
  ['another drill', { entry: { key: drillKey({ drill: 'side-hip-lift', side: 'left' }) } }, true],
  [
    'done in a session just before it was said',
    { entry: {}, doneOn: '2026-03-05T07:59:59.999Z' },
    false,
  ],
  ['done in a session just after', { entry: {}, doneOn: '2026-03-05T08:00:00.001Z' }, true],
  ['planned in the session and never done', { entry: {}, doneOn: null }, false],
])('%s: goes home in a new plan or not', (_name, course, goes) => {
  const file = fileOf(course);
  const part = visitPart(file, file.visits[0]);
  expect(homeDrillsOf(part, file).map(({ drill }) => drill)).toEqual(goes ? [DRILL] : []);
  expect(heldFromHome(part, file).map(({ drill }) => drill.drill)).toEqual(goes ? [] : [DRILL]);
});
