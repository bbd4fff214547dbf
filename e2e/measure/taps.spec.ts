import type { Locator, Page } from '@playwright/test';
import {
  button,
  clientNamed,
  fileOf,
  makeClient,
  putRecord,
  signIn,
  test,
  visitAtWork,
} from '../world';
import { slowDown, SLOWDOWN } from './slowPhone';

const AIM_MS = 300;
const TASK_AIM_MS = 100;
const VISITS = 60;
const HEAD = '[role=heading], h1, h2, h3';
const GRADES = ['slight', 'plain', 'marked'];

test.use({ viewport: { width: 390, height: 844 } });

interface Tap {
  /** From the tap to the first frame with anything of what follows: bones, or the thing itself. */
  readonly answerMs: number;
  /** From the tap to the first frame after which what was asked for is there. */
  readonly paintMs: number;
  /** The longest task on the way there. */
  readonly taskMs: number;
}

/** Notes the next tap, and the frame in which `shows` is there: a heading, or a pressed button's name. */
const watchTap = (page: Page, shows: [selector: string, text: string]): Promise<Tap> =>
  page.evaluate(
    ([selector, text]) =>
      new Promise<Tap>((resolve, reject) => {
        let [began, answerMs] = [0, 0];
        let isAnswered = false;
        const tasks: PerformanceEntry[] = [];
        const tasksSeen = new PerformanceObserver((list) => tasks.push(...list.getEntries()));
        tasksSeen.observe({ type: 'longtask' });
        const isThere = () =>
          [...document.querySelectorAll(selector)].some((one) =>
            (one.getAttribute('aria-label') ?? one.textContent!).startsWith(text),
          );
        const afterPaint = (then: (ms: number) => void) =>
          requestAnimationFrame(() => {
            const channel = new MessageChannel();
            channel.port1.onmessage = () => then(performance.now() - began);
            channel.port2.postMessage(null);
          });
        const painted = (paintMs: number) => {
          // What long tasks there were is told a moment later.
          setTimeout(() => {
            tasksSeen.disconnect();
            const during = tasks.filter((one) => one.startTime + one.duration > began);
            resolve({
              answerMs,
              paintMs,
              taskMs: Math.max(0, ...during.map((one) => one.duration)),
            });
          }, 300);
        };
        setTimeout(() => reject(new Error(`no ${text}`)), 20_000);
        const seen = new MutationObserver(() => {
          if (!began) return;
          if (!isAnswered) afterPaint((ms) => (answerMs = ms));
          isAnswered = true;
          if (!isThere()) return;
          seen.disconnect();
          afterPaint(painted);
        });
        const what = { subtree: true, childList: true, attributeFilter: ['aria-label'] };
        seen.observe(document.body, what);
        document.addEventListener('pointerdown', (event) => (began = event.timeStamp), {
          capture: true,
          once: true,
        });
      }),
    shows,
  );

test('taps on a slow phone, in a visit of a client with many', async ({ page, world }) => {
  test.setTimeout(300_000);
  await signIn(page, world);
  const client = await makeClient(page, world, 'Aabel Many Visits');
  const file = await fileOf(page, world, await clientNamed(page, world, 'Maren'));
  const last = file.visits.at(-1);
  const bare = ({ version: _, ...record }: { version: number; id: string }) => record;
  for (let i = VISITS; i > 1; i--) {
    const read = (check: string, passive: number) => ({ check, side: 'right', passive });
    const checks = [read('hip-extend', 2 + i / 10), read('knee-bend', 130 - (i % 7))];
    await visitAtWork(page, world, client, { daysAgo: 3 * i, checks });
  }
  // The last one is a visit of the demo's, with all that was seen and measured in it.
  const visitId = crypto.randomUUID();
  const of = { clientId: client, visitId };
  const on = new Date().toISOString();
  await putRecord(page, world, 'visits', {
    ...bare(last),
    id: visitId,
    clientId: client,
    openedOn: on,
    closedOn: null,
    step: 'setup',
    asks: [{ on, positives: [] }],
  } as { id: string });
  for (const kind of ['looks', 'probes', 'checks'] as const)
    for (const record of file[kind].filter(
      (one: { visitId: string; role?: string }) => one.visitId === last.id && one.role !== 'again',
    ))
      await putRecord(page, world, kind, {
        ...bare(record),
        ...of,
        id: crypto.randomUUID(),
        ...('startedOn' in record ? { startedOn: on } : { doneOn: on }),
      } as { id: string });

  const step = (name: string) =>
    page.getByRole('navigation').getByRole('button', { name, exact: true });
  const told: Record<string, Tap[]> = {};
  const tap = async (name: string, what: Locator, ...shows: [selector: string, text: string]) => {
    await what.waitFor();
    await what.scrollIntoViewIfNeeded();
    const watched = watchTap(page, shows);
    await what.click();
    (told[name] ??= []).push(await watched);
  };
  await page.goto(world.url);
  await page.getByText('Aabel Many Visits').first().waitFor();
  await slowDown(page, { line: false });
  for (const grade of GRADES) {
    await tap('client', page.getByText('Aabel Many Visits').last(), HEAD, 'Visits');
    await tap('visit', button(page, /^Go on/), HEAD, 'How they stand');
    await tap('Look', step('Look'), 'main [aria-label^="slide"]', 'slide, left');
    await tap(
      'a fault',
      button(page, /^turns back, left/),
      'main [aria-label^="turns"]',
      `turns back, left, ${grade}`,
    );
    await tap('Check', step('Check'), HEAD, 'Check the joints');
    await tap('Trace', step('Trace'), HEAD, 'What it comes from');
    await tap('Work', step('Work'), HEAD, 'The work');
    await tap('Add a drill', button(page, 'Add a drill'), HEAD, 'Drills');
    await tap('all drills', button(page, 'For: anything'), HEAD, 'Bent-knee calf');
    await button(page, 'Close').click();
    await tap('Set-up', step('Set-up'), HEAD, 'How they stand');
    await tap('back', page.getByRole('banner').getByRole('button').first(), HEAD, 'Visits');
    await tap('Trends', button(page, /^Trends/), HEAD, 'Trends');
    await tap('back', page.getByRole('banner').getByRole('button').first(), HEAD, 'Visits');
    await tap('Today', page.getByRole('banner').getByRole('button').first(), HEAD, 'Clients');
  }
  for (const [name, taps] of Object.entries(told))
    console.log(
      `${name}: ${taps.map(({ answerMs, paintMs, taskMs }) => [answerMs, paintMs, taskMs].map((ms) => ms.toFixed(0)).join(' / ')).join(', ')} ms`,
    );
  console.log(`${SLOWDOWN}× slower; aims ${AIM_MS} ms to paint, ${TASK_AIM_MS} ms a task`);
});
