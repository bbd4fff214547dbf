import type { PersonShown } from '@taxikine/core/records/wire/people';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, screen } from '@testing-library/react';
import { PEOPLE } from '../src/data/askedAnew';
import { EndPerson } from '../src/practice/people/EndPerson';
import '../src/words/houseWords';
import { show } from './show';

const person = (part: Partial<PersonShown>): PersonShown => ({
  id: 'tobiah',
  name: 'Tobiah Renn',
  email: 'tobiah@saltreach.example',
  role: 'coach',
  state: 'here',
  hasFactor: false,
  keeps: 0,
  ...part,
});
const ILSE = person({ id: 'ilse', name: 'Ilse Varga-Holm', role: 'owner' });
const GONE = person({ id: 'maud', name: 'Maud Ekern', state: 'ended' });

function shown(part: Partial<PersonShown>) {
  const one = person(part);
  const client = new QueryClient({ defaultOptions: { queries: { enabled: false } } });
  client.setQueryData(PEOPLE, [ILSE, one, GONE]);
  const [onEnd, onComeBack] = [jest.fn(), jest.fn()];
  show(
    <QueryClientProvider client={client}>
      <EndPerson person={one} busy={false} onEnd={onEnd} onComeBack={onComeBack} />
    </QueryClientProvider>,
  );
  return { onEnd, onComeBack };
}

const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const names = () => screen.getAllByRole('button').map(({ textContent }) => textContent);

it('who keeps nobody is let in no more at once', () => {
  const { onEnd } = shown({});
  press('Let in no more');
  expect(onEnd).toHaveBeenCalledWith();
});

it('who keeps clients is asked for those who have them from now on, among those who are here', () => {
  const { onEnd } = shown({ keeps: 2 });
  press('Let in no more');
  expect(onEnd).not.toHaveBeenCalled();
  expect(screen.getByText(/^2 clients are kept to Tobiah Renn/)).toBeTruthy();
  expect(names()).toEqual(['Every coach of the practice', 'Only Ilse Varga-Holm']);
  press('Only Ilse Varga-Holm');
  expect(onEnd).toHaveBeenCalledWith('ilse');
});

it('and all may have them', () => {
  const { onEnd } = shown({ keeps: 1 });
  press('Let in no more');
  expect(screen.getByText(/^One client is kept to Tobiah Renn/)).toBeTruthy();
  press('Every coach of the practice');
  expect(onEnd).toHaveBeenCalledWith('all');
});

it('who is let in no more may be let in again', () => {
  const { onComeBack } = shown({ state: 'ended' });
  press('Let in again');
  expect(onComeBack).toHaveBeenCalled();
});
