import Bowser from 'bowser';

/** Browser and system by what a device says of itself; empty where it says nothing that is known. */
export function deviceOf(agent: string): string {
  if (agent === '') return '';
  const { browser, os } = Bowser.parse(agent);
  return [browser.name, os.name].filter(Boolean).join(', ');
}
