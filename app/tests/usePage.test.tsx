import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import { drawer } from '../src/client-page/keptOnDevice';
import { usePage } from '../src/client-page/usePage';

const TOKEN = 'a-token';
const asked: string[] = [];

function server(status: number) {
  asked.length = 0;
  global.fetch = jest.fn(async (_url: string, { method }: RequestInit) => {
    asked.push(method!);
    const json = async () => ({
      code: 'link-revoked',
      message: 'Your coach has closed this link.',
    });
    return { ok: false, status, json } as Response;
  }) as never;
}

const open = () =>
  renderHook(() => usePage(TOKEN), {
    wrapper: ({ children }) => (
      <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
    ),
  });
const minutes = (count: number) =>
  act(async () => void (await jest.advanceTimersByTimeAsync(count * 60_000)));

beforeEach(() => {
  jest.useFakeTimers();
  drawer(`waiting:${TOKEN}`).put('e', { id: 'e' });
});
afterEach(() => {
  jest.useRealTimers();
  localStorage.clear();
});

it('a page whose link was closed says so, stops asking, and keeps what was not sent', async () => {
  server(410);
  const { result } = open();
  await minutes(1);
  expect(result.current).toEqual({ status: 'gone', words: 'Your coach has closed this link.' });
  const before = asked.length;
  await minutes(10);
  await act(async () => void window.dispatchEvent(new Event('online')));
  await act(async () => void document.dispatchEvent(new Event('visibilitychange')));
  expect(asked.length).toBe(before);
  expect(drawer(`waiting:${TOKEN}`).all()).toEqual([{ id: 'e' }]);
});

it('one that has no answer asks on', async () => {
  server(503);
  open();
  await minutes(1);
  const before = asked.length;
  await minutes(10);
  expect(asked.filter((method) => method === 'GET').length).toBeGreaterThan(10);
  expect(asked.length).toBeGreaterThan(before + 10);
});
