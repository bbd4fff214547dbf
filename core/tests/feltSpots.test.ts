import {
  bodyOf,
  CHECK_GUIDES,
  CHECKS,
  maybeFeltSpot,
  onePose,
  poseSkeleton,
  type CheckRow,
} from '../src';
import { distance } from '../src/foundation/numeric/vector';

const body = bodyOf(1.75, 75);

const rows = (CHECKS as readonly CheckRow[]).flatMap(({ id, felt }) =>
  felt.filter((one) => one !== 'nowhere').map((one) => [id, one] as const),
);

it('finds answers to place', () => expect(rows.length).toBeGreaterThan(25));

it.each(rows)('%s felt at %s lies on the body', (id, felt) => {
  const { poses, shows } = CHECK_GUIDES[id as keyof typeof CHECK_GUIDES];
  const skeleton = poseSkeleton(body, onePose(poses[1]));
  const at = maybeFeltSpot(skeleton, shows, id as never, felt)!;
  const { hip, knee, ankle } = skeleton.legs[shows];
  const near = [hip, knee, ankle, skeleton.pelvis, skeleton.chest, skeleton.arms[shows].shoulder];
  expect(Math.min(...near.map((point) => distance(point, at)))).toBeLessThan(0.3);
});

it('nowhere has no place', () =>
  expect(
    maybeFeltSpot(poseSkeleton(body, onePose('standing')), 'left', 'hip-bend', 'nowhere'),
  ).toBeNull());

it('two answers of one check do not lie on each other', () => {
  for (const row of CHECKS as readonly CheckRow[]) {
    const { poses, shows } = CHECK_GUIDES[row.id as keyof typeof CHECK_GUIDES];
    const skeleton = poseSkeleton(body, onePose(poses[1]));
    const spots = row.felt
      .map((felt) => maybeFeltSpot(skeleton, shows, row.id as never, felt))
      .filter((spot) => spot !== null);
    spots.forEach((a, i) =>
      spots.slice(i + 1).forEach((b) => expect(distance(a, b)).toBeGreaterThan(0.03)),
    );
  }
});
