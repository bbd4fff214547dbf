import { strToU8, zipSync, type Zippable } from 'fflate';
import { RestorePart } from '../src/database/entities/RestorePart';
import { PRACTICE_VERSION } from '../src/leave/practiceEntries';
import { everything } from './filled';
import { changed, lose, nameOf, own, PATH, restore, type ArchivedClient } from './restoring';
import { coach, useWorld } from './world';

useWorld();

describe('an archive that is refused as a whole', () => {
  const practice = (part: object = {}) => ({
    format: 'taxikine-practice',
    version: 2,
    name: 'x',
    writtenOn: 'y',
    file: {},
    ...part,
  });
  const packed = (files: Zippable) => zipSync(files, { level: 9 });
  const json = (value: unknown) => strToU8(JSON.stringify(value));
  const blanks = (bytes: number) => new Uint8Array(bytes).fill(32);
  /** Digits that do not pack well. */
  function digits(count: number): Uint8Array {
    let last = 1;
    return Uint8Array.from({ length: count }, () => {
      last = (last * 48271) % 0x7fffffff;
      return 48 + (last % 10);
    });
  }

  /** A zip of one file that says of itself how large it is. */
  function claiming(bytes: number, name = 'practice.json'): Uint8Array {
    const zip = Buffer.from(packed({ [name]: json(practice({ note: 'x'.repeat(900) })) }));
    const central = zip.indexOf(Buffer.from([0x50, 0x4b, 1, 2]));
    zip.writeUInt32LE(bytes, central + 24);
    return zip;
  }
  /** Two files of one name. */
  function twice(): Uint8Array {
    const zip = Buffer.from(
      packed({ 'practice.json': json(practice()), 'practice.jso2': json({}) }),
    );
    return Buffer.from(
      zip.toString('latin1').replaceAll('practice.jso2', 'practice.json'),
      'latin1',
    );
  }
  /** A file of which a byte is another one since it was packed. */
  function damaged(): Uint8Array {
    const zip = Buffer.from(zipSync({ 'practice.json': json(practice()) }, { level: 0 }));
    zip[zip.indexOf('taxikine-practice')] ^= 1;
    return zip;
  }

  it.each<[string, () => Uint8Array, string, RegExp]>([
    ['no zip', () => Buffer.from('not a zip'), '', /no archive/],
    ['nothing at all', () => Buffer.alloc(0), '', /no archive/],
    ['an empty one', () => packed({}), 'practice.json', /not in the archive/],
    [
      'half of one',
      () => packed({ 'practice.json': digits(4000) }).slice(0, 1200),
      '',
      /no archive/,
    ],
    ['no JSON', () => packed({ 'practice.json': strToU8('{') }), 'practice.json', /not readable/],
    [
      'a later version',
      () => packed({ 'practice.json': json(practice({ version: PRACTICE_VERSION + 1 })) }),
      'practice.json.version',
      /version/,
    ],
    [
      'blanks without end',
      () => packed({ 'practice.json': blanks(2e6) }),
      'practice.json',
      /200 times/,
    ],
    [
      'a client who is larger than any',
      () => claiming(16 * 1024 ** 2 + 1, 'clients/a.json'),
      'clients/a.json',
      /more than 16 MB/,
    ],
    [
      'a picture that is larger than any',
      () => claiming(1024 ** 2 + 1, 'pictures/a.jpg'),
      'pictures/a.jpg',
      /more than 1 MB/,
    ],
    ['one that says it is smaller than it is', () => claiming(20), 'practice.json', /damaged/],
    ['one file twice', twice, 'practice.json', /twice/],
    ['a byte that is another one since', damaged, 'practice.json', /damaged/],
    [
      'lists in lists',
      () => packed({ 'practice.json': strToU8(`${'['.repeat(40)}${']'.repeat(40)}`) }),
      'practice.json',
      /deeper/,
    ],
    [
      'numbers without end',
      () =>
        packed({
          'practice.json': strToU8(`[${[...digits(1_000_001)].map((code) => code - 48).join()}]`),
        }),
      'practice.json',
      /more than 1000000 values/,
    ],
  ])('%s', async (_name, bytes, path, message) => {
    const { state, problems, read } = await restore(bytes());
    expect([state, read, problems.length]).toEqual(['refused', 0, 1]);
    expect(problems[0].path).toMatch(path);
    expect(problems[0].message).toMatch(message);
    expect(await own((manager) => manager.count(RestorePart))).toBe(0);
  });

  it('what is no archive is not received', async () => {
    await coach.post(PATH).send({}).expect(415);
    const { body } = await coach
      .post(PATH)
      .set('Content-Type', 'application/zip')
      .set('Content-Length', String(1024 ** 3 + 1))
      .expect(413);
    expect(body.code).toBe('too-large');
  });
});

describe('a client who is refused', () => {
  it.each<[string, string, (document: ArchivedClient) => void]>([
    [
      'a record that the app would refuse',
      'file.client.heightM',
      ({ file }) => Object.assign(file.client, { heightM: 17 }),
    ],
    [
      'a file without its client',
      'file.client',
      ({ file }) => Reflect.deleteProperty(file, 'client'),
    ],
    [
      'no list where one should be',
      'file.looks',
      ({ file }) => Object.assign(file, { looks: 'none' }),
    ],
    [
      'a record of another client',
      'file.visits.0.clientId',
      ({ file }) => Object.assign(file.visits[0], { clientId: crypto.randomUUID() }),
    ],
    [
      'a look of a visit that is not there',
      'file.looks.0.visitId',
      ({ file }) => Object.assign(file.looks[0], { visitId: crypto.randomUUID() }),
    ],
    [
      'a word from home about no plan',
      'file.homeEntries.0.planId',
      ({ file }) => Object.assign(file.homeEntries[0], { planId: crypto.randomUUID() }),
    ],
    [
      'a character that cannot be kept',
      'file.client.goal',
      ({ file }) => Object.assign(file.client, { goal: 'a\0b' }),
    ],
  ])('%s is told by its file and field; the others come back', async (_name, path, spoil) => {
    const { client: spoilt } = await everything();
    const { client: whole } = await everything();
    const bytes = await changed(spoil, spoilt.id, whole.id);
    await lose(spoilt.id);
    await lose(whole.id);
    const restored = await restore(bytes);
    expect(restored).toMatchObject({ state: 'done', made: 1, refused: 1 });
    expect(restored.problems.map((one) => one.path)).toEqual([`${nameOf(spoilt.id)}.${path}`]);
    await coach.get(`/api/v1/clients/${spoilt.id}/file`).expect(404);
    await coach.get(`/api/v1/clients/${whole.id}/file`).expect(200);
  });
});
