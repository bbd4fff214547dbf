import { lastTouch, noteTouch } from '../touched';

const TOUCHES = ['pointerdown', 'keydown', 'wheel', 'touchstart'] as const;
const NOTED_EVERY_MS = 2000;
const LOOK_EVERY_MS = 5000;

/**
 * Tells when no hand was on the device for so long, in whichever tab; also when a page comes back after that long.
 *
 * @param mostMs milliseconds without a touch
 */
export function watchIdle(mostMs: number, onIdle: () => void): () => void {
  let noted = 0;
  const touch = () => {
    const now = Date.now();
    if (now - noted < NOTED_EVERY_MS) return;
    noted = now;
    noteTouch(now);
  };
  const look = () => {
    const last = lastTouch();
    if (last === null) noteTouch();
    else if (Date.now() - last >= mostMs) onIdle();
  };
  look();
  const timer = setInterval(look, LOOK_EVERY_MS);
  const options = { capture: true, passive: true } as const;
  // Before the touch that wakes it: it was idle until now.
  document.addEventListener('visibilitychange', look);
  for (const name of TOUCHES) window.addEventListener(name, touch, options);
  return () => {
    clearInterval(timer);
    document.removeEventListener('visibilitychange', look);
    for (const name of TOUCHES) window.removeEventListener(name, touch, options);
  };
}
