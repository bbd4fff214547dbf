import { nearestHandle, targetsOf, type Handle } from '../src/measure/picture/handles';

const at = (id: string, x: number, y: number): Handle => ({ id, says: id, at: [x, y] });
const FOOT = [at('ankle', 100, 300), at('heel', 90, 320), at('toe', 160, 320)];

it('no target lies over a neighbour', () => {
  const [ankle, heel, toe] = targetsOf(FOOT, 1);
  const gap = Math.hypot(10, 20);
  expect([ankle, heel, toe]).toEqual([gap, gap, 46]);
  expect((ankle! + heel!) / 2).toBeLessThanOrEqual(gap);
});

it('a shrunken picture never shrinks a target to nothing', () => {
  expect(targetsOf(FOOT, 0.1)[0]).toBe(16);
});

const FINGERS = [
  { says: 'on a handle', finger: [100, 300], means: 'ankle' },
  { says: 'between two, nearer to one', finger: [94, 312], means: 'heel' },
  { says: 'within a thumb', finger: [182, 320], means: 'toe' },
  { says: 'just out of a thumb', finger: [184, 320], means: null },
] as const;

it.each(FINGERS)('a finger $says', ({ finger, means }) => {
  expect(nearestHandle(FOOT, finger, 1)?.id ?? null).toBe(means);
});

it('reach is counted on the screen, not in the picture', () => {
  expect(nearestHandle(FOOT, [200, 320], 0.5)?.id).toBe('toe');
  expect(nearestHandle(FOOT, [200, 320], 1)).toBeNull();
});
