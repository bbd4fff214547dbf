import { NOTHING_SEEN, type LookRecord, type SeenFault } from '@taxikine/core';
import { fontFile, runsOf } from '../src/pdf/fonts';
import { Sheet } from '../src/pdf/Sheet';
import {
  coach,
  fileFrom,
  keep,
  newClient,
  newDrill,
  newLook,
  newVisit,
  stranger,
  useWorld,
  workOn,
} from './world';

useWorld({ beside: workOn });

const slide: SeenFault = { fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' };

async function visitWith(drills: number, again: Partial<LookRecord> | null) {
  const client = newClient({ name: 'Bożena Łukasik' });
  const visit = newVisit(client.id);
  await keep('clients', client);
  await keep('visits', visit);
  await keep('looks', newLook(visit, { faults: [slide] }));
  if (again) await keep('looks', newLook(visit, { role: 'again', ...NOTHING_SEEN, ...again }));
  for (let i = 0; i < drills; i++)
    await keep('drills', newDrill(visit, { place: i, status: 'done', doneOn: visit.openedOn }));
  return visit;
}

async function pdfOf(visitId: string) {
  const { bytes, headers } = await fileFrom(coach, `/api/v1/visits/${visitId}/report.pdf`);
  const text = bytes.toString('latin1');
  return { headers, text, pages: text.match(/\/Type\s*\/Page[^s]/g)?.length };
}

it('one page, under a name that says what it is, in fonts that come with it', async () => {
  const visit = await visitWith(3, { faults: [] });
  const { headers, text, pages } = await pdfOf(visit.id);
  expect(headers['content-type']).toBe('application/pdf');
  expect(headers['content-disposition']).toContain('session-squat-2026-11-23.pdf');
  expect(text.startsWith('%PDF-')).toBe(true);
  expect(pages).toBe(1);
  expect(text.match(/\/FontFile/g)!.length).toBeGreaterThanOrEqual(3);
});

it.each([
  [20, 1],
  [60, 2],
])('a session of %p drills is set on %p page(s)', async (drills, pages) => {
  const visit = await visitWith(drills, null);
  expect((await pdfOf(visit.id)).pages).toBe(pages);
});

it('says lengths and days as the practice says them', async () => {
  const said: string[] = [];
  const { table, line } = Sheet.prototype;
  jest.spyOn(Sheet.prototype, 'line').mockImplementation(function (this: Sheet, text, style) {
    said.push(text);
    return line.call(this, text, style);
  });
  jest.spyOn(Sheet.prototype, 'table').mockImplementation(function (this: Sheet, rows, shares) {
    said.push(...rows.flat().map(({ text }) => text));
    return table.call(this, rows, shares);
  });
  const client = newClient();
  const visit = newVisit(client.id, { openedOn: '2026-11-24T01:30:00.000Z' });
  const faults: SeenFault[] = [{ ...slide, value: 34, unit: 'mm' }];
  await keep('clients', client);
  await keep('visits', visit);
  await keep('looks', newLook(visit, { faults }));
  const decide = (settings: object) =>
    coach
      .put('/api/v1/practice/settings')
      .send({ name: 'saltreach', idleMin: null, ...settings })
      .expect(200);
  await decide({ units: 'imperial', timeZone: 'America/Chicago' });
  await pdfOf(visit.id);
  expect(said).toContainEqual('saltreach · Squat, 2026-11-23');
  expect(said).toContainEqual(expect.stringContaining('1.3 in'));
  said.length = 0;
  await decide({ units: 'metric', timeZone: null });
  await pdfOf(visit.id);
  expect(said).toContainEqual('saltreach · Squat, 2026-11-24');
  expect(said).toContainEqual(expect.stringContaining('34 mm'));
});

it('before anybody looked there is still a page', async () => {
  const client = newClient();
  const visit = newVisit(client.id);
  await keep('clients', client);
  await keep('visits', visit);
  expect((await pdfOf(visit.id)).pages).toBe(1);
});

it('nobody of another practice gets it', async () => {
  const visit = await visitWith(0, null);
  await stranger.get(`/api/v1/visits/${visit.id}/report.pdf`).expect(404);
  await coach.get(`/api/v1/visits/${crypto.randomUUID()}/report.pdf`).expect(404);
});

it('letters beyond western Europe come from a file of their own; what none has loses its mark, or is a question mark', () => {
  expect(runsOf('Łódź, 25° ± 1', 'text')).toEqual([
    { text: 'Ł', extended: true },
    { text: 'ód', extended: false },
    { text: 'ź', extended: true },
    { text: ', 25° ± 1', extended: false },
  ]);
  expect(runsOf('Ĉ川', 'text')).toEqual([{ text: 'C?', extended: false }]);
});

it.each(['text', 'bold', 'heading'] as const)(
  'every letter of the %s is in the file it is set from',
  (face) => {
    const letters = Array.from({ length: 0x17f - 0x20 }, (_, i) => String.fromCodePoint(0x20 + i));
    for (const { text, extended } of runsOf(letters.join(''), face))
      for (const letter of text)
        expect([
          letter,
          fontFile(face, extended).font.hasGlyphForCodePoint(letter.codePointAt(0)!),
        ]).toEqual([letter, true]);
  },
);
