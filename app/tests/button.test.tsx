import type { FormEvent } from 'react';
import { act, fireEvent, screen } from '@testing-library/react';
import { Button } from '../src/ui/Button';
import { Choice } from '../src/ui/Choice';
import { Stepper } from '../src/ui/Stepper';
import { show } from './show';

it('is a button that says more than it shows, and does what it says', () => {
  const press = jest.fn();
  show(<Button label="left" note="plain" says="slide, left, plain" onPress={press} />);
  const button = screen.getByRole('button', { name: 'slide, left, plain' });
  expect(button.tagName).toBe('BUTTON');
  fireEvent.click(button);
  expect(press).toHaveBeenCalledTimes(1);
});

it('does nothing while it is off, and says so', () => {
  const press = jest.fn();
  show(<Button label="Undo" off onPress={press} />);
  fireEvent.click(screen.getByRole('button'));
  expect(press).not.toHaveBeenCalled();
  expect(screen.getByRole('button').getAttribute('aria-disabled')).toBe('true');
});

it('sends the form it is in with one click, and only where that is what it is for', () => {
  const send = jest.fn((event: FormEvent) => event.preventDefault());
  const press = jest.fn();
  show(
    <form onSubmit={send}>
      <Button label="Show" onPress={press} />
      <Button label="Send" submits />
      <Button label="Later" submits off />
    </form>,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Show' }));
  fireEvent.click(screen.getByRole('button', { name: 'Later' }));
  expect([press.mock.calls.length, send.mock.calls.length]).toEqual([1, 0]);
  fireEvent.click(screen.getByRole('button', { name: 'Send' }));
  expect(send).toHaveBeenCalledTimes(1);
});

it('a choice tells which option is on, and hands over the other', () => {
  const change = jest.fn();
  const options = [
    { value: 'a', label: 'ahead' },
    { value: 'b', label: 'overhead' },
  ];
  show(<Choice label="Arms" options={options} value="a" onChange={change} />);
  expect(screen.getByRole('button', { name: 'Arms: ahead' }).getAttribute('aria-pressed')).toBe(
    'true',
  );
  fireEvent.click(screen.getByRole('button', { name: 'Arms: overhead' }));
  expect(change).toHaveBeenCalledWith('b');
});

describe('a stepper', () => {
  const stepper = (value: number | null, change: (value: number) => void) =>
    show(
      <Stepper
        label="Ankle"
        value={value}
        from={40}
        unit="°"
        least={-20}
        most={70}
        onChange={change}
      />,
    );

  it.each([
    ['starts from usual', null, 'more', 40],
    ['steps up', 40, 'more', 41],
    ['steps down', 40, 'less', 39],
    ['stops at its most', 70, 'more', 70],
  ] as const)('%s', (_name, value, way, expected) => {
    const change = jest.fn();
    stepper(value, change);
    fireEvent.click(screen.getByRole('button', { name: `Ankle: ${way}` }));
    expect(change).toHaveBeenCalledWith(expected);
  });

  it('names the field and the limits when what is typed cannot be', () => {
    const change = jest.fn();
    stepper(40, change);
    const input = screen.getByRole('textbox', { name: 'Ankle' });
    fireEvent.change(input, { target: { value: '300' } });
    fireEvent.blur(input);
    expect(screen.getByRole('alert').textContent).toBe('Ankle: -20 to 70 °');
    expect(change).not.toHaveBeenCalled();
  });
});

it('a long press opens, and is not also a press', () => {
  jest.useFakeTimers();
  const [press, long] = [jest.fn(), jest.fn()];
  show(<Button label="left" onPress={press} onLongPress={long} />);
  const button = screen.getByRole('button');
  fireEvent.pointerDown(button);
  act(() => void jest.advanceTimersByTime(600));
  fireEvent.pointerUp(button);
  fireEvent.click(button);
  expect([long.mock.calls.length, press.mock.calls.length]).toEqual([1, 0]);
  fireEvent.pointerDown(button);
  fireEvent.pointerUp(button);
  fireEvent.click(button);
  expect(press).toHaveBeenCalledTimes(1);
  jest.useRealTimers();
});
