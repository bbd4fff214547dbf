import { maybeCurrentPlan, oneDrill, type ClientFile } from '@taxikine/core';
import ICAL from 'ical.js';
import request from 'supertest';
import { homeCalendar, instantOf } from '../src/calendar/homeCalendar';
import { coach, newClient, newPlan, newVisit, useWorld, world, write } from './world';

useWorld();

const NOW = new Date('2026-10-19T12:00:00.000Z');

function fileWith(part: Partial<ReturnType<typeof newPlan>>): ClientFile {
  const client = { ...newClient(), version: 1 };
  const visit = { ...newVisit(client.id), version: 1 };
  const plan = { ...newPlan(visit, part), version: 1 };
  const none = { looks: [], probes: [], checks: [], drills: [], pictures: [], messages: [] };
  return { client, visits: [visit], homePlans: [plan], homeEntries: [], ...none };
}

/** Events as a reader that is not ours understands them. */
const eventsIn = (text: string): ICAL.Event[] =>
  new ICAL.Component(ICAL.parse(text))
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one));

const clockIn = (instant: Date, timeZone: string): string =>
  new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', minute: '2-digit' }).format(
    instant,
  );

it('what a coach wrote begins no line of its own', () => {
  const name = 'Ankle\rATTENDEE:x';
  const none = { patterns: [], excludedBy: [], poses: [{}, {}] };
  const own = { ...oneDrill('point-and-pull'), ...none, id: crypto.randomUUID(), name } as never;
  const [drill] = newPlan(newVisit(crypto.randomUUID())).drills;
  const text = homeCalendar(fileWith({ drills: [{ ...drill, own }] }), 'Salt\r\nreach', NOW);
  expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
  expect(text).not.toMatch(/^(ATTENDEE|reach)/m);
  expect(eventsIn(text).length).toBeGreaterThan(10);
});

it.each([
  // Clocks go back on 25 October in Oslo, on 1 November in New York, and never in Kolkata.
  ['Europe/Oslo', '2026-10-19'],
  ['America/New_York', '2026-10-26'],
  ['Asia/Kolkata', '2026-10-19'],
  ['Australia/Lord_Howe', '2026-10-03'],
])('in %s every sitting stays at its time over a change of clocks', (timeZone, startsOn) => {
  const text = homeCalendar(fileWith({ timeZone, startsOn, weeks: 4 }), 'Saltreach', NOW);
  const sittings = eventsIn(text).filter(({ startDate }) => !startDate.isDate);
  expect(sittings.length).toBeGreaterThanOrEqual(28);
  const clocks = new Set(sittings.map(({ startDate }) => clockIn(startDate.toJSDate(), timeZone)));
  expect([...clocks].every((clock) => ['07:30', '20:00'].includes(clock))).toBe(true);
  expect(new Set(sittings.map(({ uid }) => uid)).size).toBe(sittings.length);
});

it.each([
  ['a plain morning', '2026-06-01', '07:30', 'Europe/Oslo', '2026-06-01T05:30:00.000Z'],
  [
    'an hour that the clocks skip',
    '2026-03-29',
    '02:30',
    'Europe/Oslo',
    '2026-03-29T01:30:00.000Z',
  ],
  ['half an hour off', '2026-06-01', '07:30', 'Asia/Kolkata', '2026-06-01T02:00:00.000Z'],
  ['the day before, in UTC', '2026-06-01', '07:30', 'Pacific/Auckland', '2026-05-31T19:30:00.000Z'],
])('%s', (_name, day, at, zone, instant) =>
  expect(instantOf(day, at, zone).toISOString()).toBe(instant),
);

it('tells the days to look again as whole days, and no drill in a title', () => {
  const file = fileWith({ startsOn: '2026-10-19', weeks: 8 });
  const events = eventsIn(homeCalendar(file, 'Saltreach', NOW));
  const reviews = events.filter(({ startDate }) => startDate.isDate);
  expect(reviews.map(({ startDate }) => startDate.toString())).toEqual([
    '2026-11-02',
    '2026-11-30',
    '2026-12-14',
  ]);
  expect(events.every(({ summary }) => !summary.toLowerCase().includes('pull'))).toBe(true);
  expect(events.some(({ description }) => description?.includes('Point and pull'))).toBe(true);
});

it('is empty, and still a calendar, when the plan is over or held back', () => {
  const ended = fileWith({ endedOn: NOW.toISOString() });
  expect(maybeCurrentPlan(ended)).toBeNull();
  expect(eventsIn(homeCalendar(ended, 'Saltreach', NOW))).toEqual([]);
  const file = fileWith({});
  const held = {
    ...file,
    visits: [
      { ...file.visits[0], asks: [{ on: NOW.toISOString(), positives: ['fever' as const] }] },
    ],
  };
  expect(eventsIn(homeCalendar(held, 'Saltreach', NOW))).toEqual([]);
});

it('is fetched by its address alone, until that is closed', async () => {
  const client = newClient();
  const visit = newVisit(client.id);
  const plan = newPlan(visit);
  await coach.put(`/api/v1/clients/${client.id}`).send(write(client)).expect(201);
  await coach.put(`/api/v1/visits/${visit.id}`).send(write(visit)).expect(201);
  await coach.put(`/api/v1/homePlans/${plan.id}`).send(write(plan)).expect(201);
  const { body } = await coach
    .post(`/api/v1/clients/${client.id}/links`)
    .send({ purpose: 'calendar', days: 60 })
    .expect(201);
  const address = `/api/v1/calendar/${body.token}.ics`;
  const answer = await request(world.app).get(address).expect(200);
  expect(answer.headers['content-type']).toContain('text/calendar');
  expect(eventsIn(answer.text).length).toBeGreaterThan(40);
  await coach.delete(`/api/v1/clients/${client.id}/links/${body.link.id}`).expect(204);
  await request(world.app).get(address).expect(410);
});
