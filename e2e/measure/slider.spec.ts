import { clientNamed, expect, signIn, test } from '../world';
import { mainThreadDuring } from './longTasks';

const SLOWDOWN = 4;
const MOVES = 60;
const LONG_MS = 50;

test.use({ viewport: { width: 390, height: 844 } });

test('a slider of the Fit bench, dragged on a slow phone', async ({ page, world }) => {
  await signIn(page, world);
  await page.goto(`${world.url}/clients/${await clientNamed(page, world, 'Maren')}/fit`);
  const slider = page.getByRole('slider', { name: 'Heel wedge', exact: true });
  await slider.scrollIntoViewIfNeeded();
  await page.waitForTimeout(3000);
  const box = (await slider.boundingBox())!;
  const at = (part: number) => [box.x + box.width * part, box.y + box.height / 2] as const;
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
  const { tasksMs, processorMs, frames } = await mainThreadDuring(session, async () => {
    await page.mouse.move(...at(0.02));
    await page.mouse.down();
    for (let i = 1; i <= MOVES; i++) {
      await page.mouse.move(...at(0.02 + (0.9 * i) / MOVES));
      await page.waitForTimeout(25);
    }
    await page.mouse.up();
    await page.waitForTimeout(1500);
  });
  const told = (ms: readonly number[]) =>
    `${ms.filter((one) => one > LONG_MS).length} over ${LONG_MS} ms, longest ` +
    `${ms
      .slice(0, 5)
      .map((one) => one.toFixed(0))
      .join(', ')} ms`;
  console.log(
    `${SLOWDOWN}× slower, ${MOVES} moves: ${tasksMs.length} tasks, ${frames} paints; ` +
      `by the clock ${told(tasksMs)}; by the processor's time ${told(processorMs)}`,
  );
  expect(tasksMs.length).toBeGreaterThan(MOVES);
  expect(frames).toBeGreaterThan(MOVES / 2);
});
