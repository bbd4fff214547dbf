import { fireEvent } from '@testing-library/react';
import { RootGuard } from '../src/parts/RootGuard';
import { ScreenGuard } from '../src/parts/ScreenGuard';
import { show } from './show';

let breaks = true;
function Breaking() {
  if (breaks) throw new Error('in the middle of drawing');
  return <p>Whole again</p>;
}

beforeEach(() => {
  breaks = true;
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
});
afterEach(() => jest.restoreAllMocks());

it('a screen that breaks says what happened, what is safe and what to do, and is tried again', () => {
  const { getByRole, getByText } = show(
    <ScreenGuard>
      <Breaking />
    </ScreenGuard>,
  );
  expect(getByRole('heading').textContent).toBe('This screen stopped.');
  getByText(/kept on this device/);
  breaks = false;
  fireEvent.click(getByRole('button', { name: 'Try again' }));
  getByText('Whole again');
});

it('what breaks around every screen leaves words that need no theme', () => {
  const { getByRole } = show(
    <RootGuard>
      <Breaking />
    </RootGuard>,
  );
  expect(getByRole('heading').textContent).toBe('The app stopped.');
  getByRole('button', { name: 'Load it anew' });
});
