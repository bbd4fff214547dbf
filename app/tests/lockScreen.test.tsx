import { QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { createQueryClient } from '../src/data/queryClient';
import type { Session } from '../src/data/session';
import { lock, unlock } from '../src/data/lock/locked';
import { CoachFrame } from '../src/shell/CoachFrame';
import { show } from './show';

let mockBring: (() => void) | undefined;

jest.mock('../src/data/keepQueries', () => ({
  keepQueries: () => new Promise((resolve) => (mockBring = () => resolve(() => undefined))),
}));
jest.mock('../src/data/outbox', () => ({ openOutbox: async () => () => undefined }));
jest.mock('../src/data/troubles', () => ({
  ...jest.requireActual('../src/data/troubles'),
  keepTroubles: async () => () => undefined,
}));
jest.mock('../src/data/changes/followChanges', () => ({ followChanges: () => () => undefined }));
jest.mock('../src/parts/keepApp', () => ({ keepApp: async () => undefined }));

const session = {
  coach: { id: 'tobiah', name: 'Tobiah', email: 'tobiah@saltreach.example', role: 'coach' },
  practice: { id: 'p', name: 'Salt Reach', idleMin: null },
} as unknown as Session;

// jsdom draws no dialogs above others.
HTMLDialogElement.prototype.showModal = function () {
  this.open = true;
};

afterEach(unlock);

it('what is typed into the lock while the device brings back what it has stays there', async () => {
  lock('tobiah');
  show(
    <QueryClientProvider client={createQueryClient()}>
      <CoachFrame session={session}>
        <p>The day</p>
      </CoachFrame>
    </QueryClientProvider>,
  );
  const typed = () => screen.getByLabelText<HTMLInputElement>('Your password');
  fireEvent.change(typed(), { target: { value: 'half of it' } });
  expect(screen.queryByText('The day')).toBeNull();
  await waitFor(() => expect(mockBring).toBeDefined());
  await act(async () => mockBring!());
  await screen.findByText('The day');
  expect(typed().value).toBe('half of it');
});
