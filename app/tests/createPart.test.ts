import { createPart } from '../src/parts/createPart';

/** A load that is ended by hand. */
function byHand() {
  const calls: { there: (part: string) => void; missing: (error: Error) => void }[] = [];
  const load = () => new Promise<string>((there, missing) => calls.push({ there, missing }));
  return { calls, load };
}

it('is coming until it is there, and is fetched once', async () => {
  const { calls, load } = byHand();
  const part = createPart(load);
  part.fetch();
  part.fetch();
  expect(part.state.get()).toEqual({ status: 'coming' });
  calls[0].there('screen');
  await Promise.resolve();
  expect(part.state.get()).toEqual({ status: 'there', part: 'screen' });
  part.fetch();
  expect(calls).toHaveLength(1);
});

it('says that it is missing, and tries anew', async () => {
  const { calls, load } = byHand();
  const part = createPart(load);
  part.fetch();
  calls[0].missing(new Error('no line'));
  await Promise.resolve();
  await Promise.resolve();
  expect(part.state.get().status).toBe('missing');
  part.fetch();
  // The words stay where they are until the new try has come to something.
  expect(part.state.get().status).toBe('missing');
  calls[1].there('screen');
  await Promise.resolve();
  expect(part.state.get()).toEqual({ status: 'there', part: 'screen' });
});

it('tells whoever listens', async () => {
  const { calls, load } = byHand();
  const part = createPart(load);
  const heard: string[] = [];
  part.state.subscribe(() => heard.push(part.state.get().status));
  part.fetch();
  calls[0].there('screen');
  await Promise.resolve();
  expect(heard).toEqual(['there']);
});
