import { readRecording, type Recording } from '../../src';
import { film } from './films';

/** Frames of nothing but a nose, thirty a second. */
const frames = (count: number, change: (frame: Record<string, unknown>, i: number) => void) =>
  Array.from({ length: count }, (_, i) => {
    const frame: Record<string, unknown> = { t: i / 30, keypoints: Array(51).fill(1) };
    change(frame, i);
    return frame;
  });
const still = () => {};

const problemsOf = (input: unknown): string => {
  const text = typeof input === 'string' ? input : JSON.stringify(input);
  const read = readRecording(text);
  if (read.status !== 'bad') return read.status;
  return read.problems.map(({ path, message }) => `${path}: ${message}`).join('; ');
};

it.each<[string, unknown, RegExp]>([
  ['nothing', '', /the file is empty/],
  ['half a file', '{"frames":[{"t":0,"keypoi', /ends in the middle/],
  ['words', 'hips slide\nto the left', /neither keypoint JSON nor a table/],
  ['a document without frames', {}, /frames: there is no list of frames/],
  ['no frames', { frames: [] }, /frames: there are no frames/],
  ['a frame that is none', { frames: [1] }, /frames\.0: is not a frame/],
  ['a frame without points', { frames: [{ t: 0 }] }, /frames\.0\.keypoints: is missing/],
  [
    'a frame with too few points',
    { frames: frames(40, (frame, i) => i === 7 && (frame.keypoints = [1, 2, 3])) },
    /frames\.7\.keypoints: has 3 numbers; 17 joints take 51/,
  ],
  [
    'time that runs backwards',
    { frames: frames(40, (frame, i) => i === 9 && (frame.t = 0.1)) },
    /frames\.9\.t: time does not go forward: 0\.1 s after/,
  ],
  [
    'a frame without a time',
    { frames: frames(40, (frame, i) => i === 3 && delete frame.t) },
    /frames\.3\.t: the time is no number/,
  ],
  [
    'one frame a second',
    { frames: frames(40, (frame, i) => (frame.t = i)) },
    /1\.0 frames a second are too few: at least 10/,
  ],
  ['half a second', { frames: frames(15, still) }, /0\.47 s is too short/],
  ['a joint nobody has', { joints: ['tail'], frames: [] }, /joints\.0: "tail" is not a joint/],
  ['a camera nobody has', { view: 'above', frames: frames(40, still) }, /view: /],
  ['a pattern nobody has', { pattern: 'jump', frames: frames(40, still) }, /pattern: /],
  ['a giant', { heightM: 3, frames: frames(40, still) }, /heightM: /],
  ['no scale', { pixelsPerMetre: 0, frames: frames(40, still) }, /pixelsPerMetre: /],
  [
    'a set-up that is none',
    { setup: { toeOutDeg: 10 }, frames: frames(40, still) },
    /setup\.toeOutDeg: /,
  ],
  ['a rate that is none', { fps: 'fast', frames: frames(40, still) }, /fps: "fast"/],
])('%s is told in clear words', (_, input, words) => {
  expect(problemsOf(input)).toMatch(words);
});

it('a file of more than 200 MB is refused before it is read', () => {
  expect(problemsOf('x'.repeat(200 * 1024 * 1024 + 1))).toMatch(/200 MB/);
});

function recordingOf(text: string, columns?: object): Recording {
  const read = readRecording(text, columns);
  if (read.status !== 'ok') throw new Error(JSON.stringify(read));
  return read.value;
}

it('points that are no numbers count as not seen, and it is said how many', () => {
  const list = frames(40, (frame, i) => {
    if (i === 5) (frame.keypoints as unknown[])[0] = null;
    if (i === 6) (frame.keypoints as unknown[])[4] = 'near';
  });
  const { tracks, notes } = recordingOf(JSON.stringify({ frames: list }));
  expect(tracks.get('nose')!.confidence[5]).toBe(0);
  expect(tracks.get('left_eye')!.confidence[6]).toBe(0);
  expect(notes).toEqual(['2 points are no numbers and count as not seen']);
});

it('COCO results in a list are read with a rate, by their frame numbers', () => {
  const annotations = [0, 1, 3, ...Array.from({ length: 37 }, (_, i) => i + 4)].map((image_id) => ({
    image_id,
    keypoints: Array(51).fill(2),
  }));
  const { times } = recordingOf(JSON.stringify({ fps: 25, annotations }));
  expect([...times.slice(0, 4)]).toEqual([0, 1 / 25, 3 / 25, 4 / 25]);
});

/** A recording as a table. */
function table(separator: string, decimal: '.' | ',', names = 'time joint x y confidence') {
  const { frames: list, joints } = film({ repetitions: 1 });
  const number = (value: number) => String(value).replace('.', decimal);
  const lines = list.flatMap(({ t, keypoints }) =>
    joints.map((joint, j) =>
      [number(t), joint, ...keypoints.slice(3 * j, 3 * j + 3).map(number)].join(separator),
    ),
  );
  return [names.split(' ').join(separator), ...lines].join('\n');
}

describe.each([
  ['commas', ',', '.'],
  ['semicolons and decimal commas', ';', ','],
  ['tabs', '\t', '.'],
] as const)('a table with %s', (_, separator, decimal) => {
  it('says what the JSON says', () => {
    const text = table(separator, decimal);
    const fromTable = recordingOf(`\ufeff${text}`);
    const fromJson = recordingOf(JSON.stringify(film({ repetitions: 1 })));
    expect([...fromTable.times]).toEqual([...fromJson.times]);
    for (const [joint, track] of fromJson.tracks) {
      expect([...fromTable.tracks.get(joint)!.x]).toEqual([...track.x]);
      expect([...fromTable.tracks.get(joint)!.confidence]).toEqual([...track.confidence]);
    }
  });
});

it('columns that do not name themselves are asked for, and then read', () => {
  const text = table(',', '.', 's punto px py sure');
  const read = readRecording(text);
  expect(read).toEqual({
    status: 'columns',
    names: ['s', 'punto', 'px', 'py', 'sure'],
    known: {},
  });
  const columns = { time: 's', joint: 'punto', x: 'px', y: 'py' };
  expect(recordingOf(text, columns).tracks.get('left_hip')!.confidence[0]).toBe(1);
});

it.each([
  ['a time that is none', 'time,joint,x,y\nsoon,nose,1,1', /line 2, time: "soon" is not a time/],
  ['joints that nobody knows', `time,joint,x,y\n${lines('gill')}`, /none of "gill" is a joint/],
  ['time that runs backwards', 'time,joint,x,y\n1,nose,1,1\n0.5,nose,1,1', /does not go forward/],
])('a table with %s is told in clear words', (_, text, words) => {
  expect(problemsOf(text)).toMatch(words);
});

function lines(joint: string): string {
  return Array.from({ length: 40 }, (_, i) => `${i / 30},${joint},1,1`).join('\n');
}

it('NaN and infinite coordinates of a table count as not seen', () => {
  const text = `time,joint,x,y\n${lines('Left Hip')}\n2,hip-left,NaN,1\n2.1,left_hip,inf,1`;
  const { tracks, notes } = recordingOf(text);
  expect([...tracks.keys()]).toEqual(['left_hip']);
  expect(notes).toEqual(['2 points are no numbers and count as not seen']);
});
