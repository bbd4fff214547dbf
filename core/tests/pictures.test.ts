import {
  bodyOf,
  firstMarks,
  jpegProblem,
  marksOf,
  parse,
  pictureKind,
  pictureMeasures,
  RECORD_SCHEMAS,
  usualSetup,
  VIEWS,
  type Marks,
  type PictureFrame,
} from '../src';

const UPRIGHT: PictureFrame = { plumb: null, scale: null };
const SCALED: PictureFrame = { plumb: null, scale: { from: [0, 0], to: [0, 100], cm: 50 } };

/** Facing right: shin leaning 45°, thigh level, trunk upright; 100 pixels a limb. */
const SIDE: Marks = {
  ankle: [100, 300],
  heel: [85, 310],
  toe: [150, 310],
  knee: [170.71, 229.29],
  hip: [70.71, 229.29],
  shoulder: [70.71, 110],
};
const FRONTAL: Marks = {
  'shoulder-left': [60, 100],
  'shoulder-right': [140, 100],
  'hip-left': [80, 200],
  'hip-right': [120, 200],
  'knee-left': [80, 260],
  'knee-right': [120, 260],
  'ankle-left': [80, 320],
  'ankle-right': [120, 320],
};

const measured = (view: 'side' | 'back' | 'front', marks: Marks, frame = SCALED) =>
  Object.fromEntries(
    pictureMeasures(view, marks, frame, 1.75).map(({ measure, side, value }) => [
      side ? `${measure}@${side}` : measure,
      Math.round(value) + 0,
    ]),
  );

it('reads a squat from the side', () => {
  expect(measured('side', SIDE)).toEqual({
    'trunk-lean': 0,
    thigh: 0,
    'shin-lean': 45,
    'knee-bend': 135,
    'hip-bend': 90,
    'heel-rise': 0,
    'knee-past-toes': 104,
  });
});

const mirrored = (marks: Marks): Marks =>
  Object.fromEntries(Object.entries(marks).map(([id, [x, y]]) => [id, [400 - x, y]]));

it('reads the same of somebody who faces left', () =>
  expect(measured('side', mirrored(SIDE))).toEqual(measured('side', SIDE)));

it('needs a length for millimetres, and every mark for anything', () => {
  expect(measured('side', SIDE, UPRIGHT)).not.toHaveProperty('knee-past-toes');
  expect(measured('side', SIDE, UPRIGHT)).toHaveProperty('shin-lean', 45);
  const { toe: _, ...lacking } = SIDE;
  expect(measured('side', lacking)).toEqual({});
});

const turned = (marks: Marks, deg: number): Marks => {
  const [c, s] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)];
  return Object.fromEntries(
    Object.entries(marks).map(([id, [x, y]]) => [id, [c * x - s * y, s * x + c * y]]),
  );
};

it.each([-20, 7])('a plumb line makes a picture turned by %d° upright, drawn either way', (deg) => {
  const [[x0, y0], [x1, y1]] = Object.values(turned({ heel: [0, 0], toe: [0, -50] }, deg));
  for (const plumb of [
    { from: [x0, y0], to: [x1, y1] },
    { from: [x1, y1], to: [x0, y0] },
  ] as const)
    expect(measured('side', turned(SIDE, deg), { ...SCALED, plumb })).toEqual(
      measured('side', SIDE),
    );
});

it('reads a straight stance from behind as nought', () => {
  const found = measured('back', FRONTAL);
  for (const value of Object.values(found)) expect(Math.abs(value)).toBe(0);
  expect(Object.keys(found)).toHaveLength(7);
});

const moved = (id: keyof typeof FRONTAL, by: readonly [number, number]): Marks => {
  const [x, y] = FRONTAL[id]!;
  return { ...FRONTAL, [id]: [x + by[0], y + by[1]] };
};

it.each([
  ['left knee in', 'knee-left', [10, 0], 'knee-in@left', 1],
  ['left knee out', 'knee-left', [-10, 0], 'knee-in@left', -1],
  ['right knee in', 'knee-right', [-10, 0], 'knee-in@right', 1],
  ['right hip higher', 'hip-right', [0, -8], 'pelvis-tilt', 1],
  ['left shoulder higher', 'shoulder-left', [0, -8], 'shoulder-tilt', -1],
] as const)('%s', (_, id, by, measure, sign) => {
  expect(Math.sign(measured('back', moved(id, by))[measure])).toBe(sign);
  // From ahead, the same client's sides are swapped on the picture and not in what is said.
  expect(measured('front', mirrored(moved(id, by)))[measure]).toBeCloseTo(
    measured('back', moved(id, by))[measure],
    1,
  );
});

it('hips that go to the left are positive, in millimetres and as a share of the stance', () => {
  const shifted = { ...FRONTAL, 'hip-left': [76, 200], 'hip-right': [116, 200] } as Marks;
  expect(measured('back', shifted)).toMatchObject({ 'hip-shift': 20, 'hip-shift-share': 10 });
  expect(measured('front', mirrored(shifted))).toMatchObject({ 'hip-shift': 20 });
});

it('an error is what a slip makes: larger of short limbs, smaller of finer marks', () => {
  const errorOf = (marks: Marks, frame: PictureFrame, measure: string) =>
    pictureMeasures('side', marks, frame, 1.75).find((one) => one.measure === measure)!.error;
  // 1 % of 1.75 m is 17.5 mm: 3.5 pixels here; a shin of 100 pixels slips at both ends.
  expect(errorOf(SIDE, SCALED, 'shin-lean')).toBeCloseTo(
    (Math.SQRT2 * 3.5 * 180) / (100 * Math.PI),
    1,
  );
  expect(errorOf(SIDE, SCALED, 'knee-past-toes')).toBeCloseTo(Math.SQRT2 * 17.5, 1);
  const short = { ...SIDE, shoulder: [70.71, 190] } as Marks;
  expect(errorOf(short, SCALED, 'trunk-lean')).toBeGreaterThan(errorOf(SIDE, SCALED, 'trunk-lean'));
});

it('marks that lie on each other give no number that is none', () => {
  const heap = Object.fromEntries(marksOf('side').map((id) => [id, [10, 10]])) as Marks;
  for (const { value } of pictureMeasures('side', heap, SCALED, 1.75))
    expect(Number.isFinite(value)).toBe(true);
});

it.each(VIEWS)('every mark of the %s view begins on the picture, near a standing body', (view) => {
  const moment = { pattern: 'squat', phase: 'bottom', faults: [] } as const;
  const marks = firstMarks(bodyOf(1.75, 75), usualSetup('squat', 1.75), moment, view, [600, 800]);
  expect(Object.keys(marks).sort()).toEqual([...marksOf(view)].sort());
  for (const [x, y] of Object.values(marks)) {
    expect(x).toBeGreaterThan(0);
    expect(x).toBeLessThan(600);
    expect(y).toBeGreaterThan(0);
    expect(y).toBeLessThan(800);
  }
});

/** A JPEG of these segments, as far as its head. */
const jpeg = (...segments: [marker: number, text: string][]): Uint8Array =>
  new Uint8Array([
    0xff,
    0xd8,
    ...segments.flatMap(([marker, text]) => [
      0xff,
      marker,
      0,
      text.length + 2,
      ...[...text].map((char) => char.charCodeAt(0)),
    ]),
    0xff,
    0xda,
    0,
    2,
  ]);

const END = [0xff, 0xd9];
/** The head of a JPEG with what comes after it. */
const followed = (...bytes: number[]): Uint8Array => new Uint8Array([...jpeg(), ...bytes]);
const COMMENT = [0xff, 0xfe, 0, 4, 104, 105];
const TABLE = [0xff, 0xc4, 0, 4, 0xff, 0xd9];
const SCAN = [0xff, 0xda, 0, 2, 7, 8];

it.each([
  ['whole', followed(1, 2, ...END), null],
  [
    'with a byte 255 in it, and marks for a new start',
    followed(0xff, 0, 0xff, 0xd3, 9, ...END),
    null,
  ],
  ['of two scans with a table between', followed(1, ...TABLE, ...SCAN, ...END), null],
  ['with a text after its end', followed(1, ...END, 116, 101, 120, 116), /metadata/],
  ['with a byte after its end', followed(1, ...END, 0), /metadata/],
  [
    'with a second picture after its end',
    followed(1, ...END, 0xff, 0xd8, ...SCAN, ...END),
    /metadata/,
  ],
  ['with a comment after a scan', followed(1, ...COMMENT, ...END), /metadata/],
  ['that ends before it begins', new Uint8Array([0xff, 0xd8, ...END, 0, 0]), /damaged/],
  ['bare', jpeg([0xdb, 'table']), null],
  ['with a JFIF head', jpeg([0xe0, 'JFIF\0'], [0xdb, 'x']), null],
  ['with a colour profile', jpeg([0xe2, 'ICC_PROFILE\0']), null],
  ['with Exif', jpeg([0xe0, 'JFIF\0'], [0xe1, 'Exif\0\0']), /metadata/],
  ['with XMP', jpeg([0xe1, 'http://ns']), /metadata/],
  ['with a comment', jpeg([0xfe, 'here']), /metadata/],
  ['with maker notes', jpeg([0xed, 'Photo']), /metadata/],
  ['a text', new TextEncoder().encode('hips slide to the left'), /not a JPEG/],
  ['nothing', new Uint8Array(), /not a JPEG/],
  ['cut off', jpeg([0xdb, 'table']).slice(0, 6), /damaged/],
  ['damaged', new Uint8Array([0xff, 0xd8, 0x12, 0x34, 0x56, 0x78]), /damaged/],
])('a file %s', (_, bytes, problem) => {
  const said = jpegProblem(bytes);
  if (problem === null) expect(said).toBeNull();
  else expect(said).toMatch(problem);
});

it.each([
  ['jpeg', jpeg([0xe0, 'JFIF'])],
  ['png', new Uint8Array([0x89, ...[...'PNG'].map((c) => c.charCodeAt(0))])],
  ['webp', new TextEncoder().encode('RIFF0000WEBP')],
  ['heic', new TextEncoder().encode('0000ftypheic')],
  [null, new TextEncoder().encode('a text file, renamed')],
  [null, new Uint8Array()],
] as const)('%s is told by its first bytes', (kind, bytes) => {
  expect(pictureKind(bytes)).toBe(kind);
});

const ID = '00000000-0000-4000-8000-000000000001';
const of = { id: ID, clientId: ID, visitId: ID };
const base64 = (bytes: Uint8Array) => Buffer.from(bytes).toString('base64');

it.each([
  ['a bare picture', base64(jpeg([0xdb, 'table'])), 'ok'],
  ['one that was let go', null, 'ok'],
  ['one with its place', base64(jpeg([0xe1, 'Exif\0\0'])), 'bad'],
  ['a text', base64(new TextEncoder().encode('hello, hello')), 'bad'],
  ['one too large', base64(new Uint8Array(700_000)), 'bad'],
])('of %s the contract says it is %s', (_, text, status) => {
  const answer = parse(RECORD_SCHEMAS.images, { ...of, jpeg: text });
  expect(answer.status).toBe(status);
  if (answer.status === 'bad') expect(answer.problems[0].path).toBe('jpeg');
});

const picture = {
  ...of,
  role: 'first',
  view: 'side',
  phase: 'bottom',
  width: 600,
  height: 800,
  marks: SIDE,
  plumb: null,
  scale: null,
  imageWrites: 0,
  kept: false,
  takenOn: '2026-11-20T10:00:00.000Z',
  removed: false,
};

it.each([
  ['as it is', {}, null],
  ['a mark far outside', { marks: { hip: [99_999, 0] } }, 'marks.hip.0'],
  ['a mark nobody knows', { marks: { nose: [1, 1] } }, 'marks.nose'],
  ['a length of nought', { scale: { from: [0, 0], to: [1, 1], cm: 0 } }, 'scale.cm'],
  ['a picture without width', { width: 0 }, 'width'],
])('marks on a picture, %s', (_, part, path) => {
  const answer = parse(RECORD_SCHEMAS.pictures, { ...picture, ...part });
  expect(answer.status === 'bad' ? answer.problems[0].path : null).toBe(path);
});
