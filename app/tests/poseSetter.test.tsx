import type { OwnPose } from '@taxikine/core/knowledge/ownDrill';
import { onePose } from '@taxikine/core/body/skeleton/poses';
import { angleIn, PULLED_RINGS, withAngle } from '@taxikine/core/body/skeleton/pullJoint';
import { fireEvent, screen } from '@testing-library/react';
import { anglesOfRing, bareOf, otherOf } from '../src/library/ownDrillForm';
import { PoseSetter } from '../src/library/PoseSetter';
import '../src/words/coachWords';
import { catalogue } from '../src/words/i18n';
import { show } from './show';

beforeAll(() => catalogue.changeLanguage('en'));

function setter(alike: boolean) {
  const onPose = jest.fn<void, [OwnPose]>();
  show(
    <PoseSetter pose={bareOf('standing')} view="right" alike={alike} width={300} onPose={onPose} />,
  );
  return onPose;
}

it.each([true, false])('an angle is set by its slider; both sides alike: %p', (alike) => {
  const onPose = setter(alike);
  fireEvent.click(screen.getByRole('button', { name: 'Set shin, left' }));
  fireEvent.change(screen.getByRole('slider', { name: 'Knee bends' }), { target: { value: '70' } });
  const [pose] = onPose.mock.calls[0];
  expect([pose.legs.left.knee, pose.legs.right.knee]).toEqual([70, alike ? 70 : 3]);
});

it('every ring that can be pulled has angles, and each has a twin or belongs to the trunk', () => {
  for (const ring of PULLED_RINGS)
    for (const angle of anglesOfRing(ring)) {
      expect(Number.isFinite(angleIn(onePose('standing'), angle))).toBe(true);
      const twin = otherOf(angle);
      expect(twin === null).toBe(angle.of === 'body');
      if (twin) expect(otherOf(twin)).toEqual(angle);
    }
});

it('an angle beyond what a body shows is kept at its limit', () => {
  const knee = anglesOfRing('ankle-left')[0];
  expect(angleIn(withAngle(onePose('standing'), knee, 400), knee)).toBe(155);
});
