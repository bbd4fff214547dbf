import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, screen } from '@testing-library/react';
import { SignInForm } from '../src/practice/welcome/SignInForm';
import { show } from './show';

/** A server that answers when it is told to; how often it was asked to let somebody in. */
function server() {
  let posts = 0;
  let answer: () => void = () => undefined;
  global.fetch = jest.fn(async (_url: string, { method }: RequestInit) => {
    posts += method === 'POST' ? 1 : 0;
    await new Promise<void>((resolve) => (answer = resolve));
    const json = async () => ({ code: 'wrong-sign-in', message: 'Not so.' });
    return { ok: false, status: 401, json } as Response;
  }) as never;
  return { asked: () => posts, answer: () => act(async () => answer()) };
}

const press = () =>
  act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Sign in' })));

beforeEach(() => {
  show(
    <QueryClientProvider client={new QueryClient()}>
      <SignInForm />
    </QueryClientProvider>,
  );
  fireEvent.change(screen.getByLabelText('E-mail'), { target: { value: 'a@b.example' } });
  fireEvent.change(screen.getByLabelText('Password'), { target: { value: 'a-password' } });
});

it('a click asks to be let in once, and another one after the answer asks again', async () => {
  const { asked, answer } = server();
  await press();
  await press();
  expect(asked()).toBe(1);
  await answer();
  expect(screen.getByRole('alert').textContent).toBe('Not so.');
  await press();
  expect(asked()).toBe(2);
  await answer();
});
