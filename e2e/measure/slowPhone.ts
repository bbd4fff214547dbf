import type { CDPSession, Page } from '@playwright/test';

/** A phone in a basement: a quarter of the processor, 1.6 Mbit/s down, 0.75 up, 150 ms away. */
export const SLOWDOWN = 4;
const LINE = {
  offline: false,
  latency: 150,
  downloadThroughput: (1.6 * 1_000_000) / 8,
  uploadThroughput: (0.75 * 1_000_000) / 8,
};

/** Makes a page as slow as such a phone. */
export async function slowDown(page: Page, { line = true } = {}): Promise<CDPSession> {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
  if (line) {
    await session.send('Network.enable');
    await session.send('Network.emulateNetworkConditions', LINE);
  }
  return session;
}

/** Counts what comes over the line, in bytes as they are sent. */
export function countBytes(session: CDPSession): { all: () => number; scripts: () => number } {
  const types = new Map<string, string>();
  let [all, scripts] = [0, 0];
  session.on('Network.responseReceived', ({ requestId, type }) => types.set(requestId, type));
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    all += encodedDataLength;
    if (types.get(requestId) === 'Script') scripts += encodedDataLength;
  });
  return { all: () => all, scripts: () => scripts };
}
