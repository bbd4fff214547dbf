import fc from 'fast-check';
import {
  APPROACHES,
  ASK_ORDER,
  CHECKS,
  nextChecks,
  PROBES,
  USUAL_SETUP,
  type CaseFile,
  type NextCheck,
  type Side,
} from '../src';
import { gains, outcomesOf } from '../src/planning/asking/expectedGain';
import { NAMED_PART, PARTS_OF_FAULTS } from '../src/knowledge/partsOfFaults';
import { prepared } from '../src/inference/trace/inference/evidence';
import type { Finding, Network } from '../src/inference/trace/inference/network';
import { posteriors } from '../src/inference/trace/inference/posteriors';
import { fileOf } from './fileMadeUp';
import { networks } from './randomNetworks';

const slideTo = (side: Side, part: Partial<CaseFile> = {}): CaseFile => ({
  ...fileOf({
    look: { faults: [{ fault: 'hips-slide', side, phase: 'bottom', grade: 'plain' }] },
  }),
  ...part,
});

const nameOf = (one: NextCheck): string => ('check' in one ? one.check : one.probe);
const named = (one: NextCheck): string => `${nameOf(one)}@${one.side ?? ''}`;

const asked = (finding: Finding) => ({ norm: null, findings: [finding] });
const finding = (node: number, strength: number): Finding => ({
  id: 'next',
  words: '',
  ratio: Infinity,
  leak: 0.05,
  arrows: [{ node, strength }],
  factors: [],
});

describe('what can come out of a finding', () => {
  it('has chances that add up to one, and on average leaves every cause as likely as it was', () => {
    let tried = 0;
    fc.assert(
      fc.property(
        networks,
        fc.double({ min: 0.1, max: 0.95, noNaN: true }),
        (network, strength) => {
          tried++;
          const before = posteriors(network);
          const outcomes = outcomesOf(prepared(network), before, asked(finding(0, strength)));
          expect(outcomes.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
          before.forEach((p, i) =>
            expect(outcomes.reduce((sum, one) => sum + one.chance * one.p[i], 0)).toBeCloseTo(p, 8),
          );
        },
      ),
      { seed: 20261125, numRuns: 300 },
    );
    expect(tried).toBeGreaterThanOrEqual(300);
  });

  it('is what the trace would say with the finding there, and without it', () => {
    fc.assert(
      fc.property(networks, (network) => {
        const next = finding(0, 0.6);
        const outcomes = outcomesOf(prepared(network), posteriors(network), asked(next));
        const [without, there] = [0, Infinity].map((ratio) =>
          posteriors({ ...network, findings: [...network.findings, { ...next, ratio }] }),
        );
        expect(outcomes).toHaveLength(2);
        outcomes[0].p.forEach((p, i) => expect(p).toBeCloseTo(without[i], 8));
        outcomes[1].p.forEach((p, i) => expect(p).toBeCloseTo(there[i], 8));
      }),
      { seed: 7, numRuns: 200 },
    );
  });

  it('of a range is told by readings whose chances add up to nearly one', () => {
    const network: Network = {
      nodes: [{ key: 'a', cause: 'ankle-joint', side: 'left', prior: 0.3 }],
      findings: [],
    };
    const { norm } = CHECKS[0];
    const outcomes = outcomesOf(prepared(network), [0.3], { norm, findings: [finding(0, 0.75)] });
    expect(outcomes.length).toBeGreaterThan(10);
    expect(outcomes.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 1);
    const short = outcomes[0];
    const free = outcomes.at(-1)!;
    expect(short.p[0]).toBeGreaterThan(0.6);
    expect(free.p[0]).toBeLessThan(0.15);
  });

  it('a finding that says nothing gains nothing, a sure one all there is', () => {
    const network: Network = {
      nodes: [{ key: 'a', cause: 'trunk-hold', side: null, prior: 0.5 }],
      findings: [],
    };
    const gain = (strength: number, leak: number) =>
      gains([0.5], outcomesOf(prepared(network), [0.5], asked({ ...finding(0, strength), leak })), [
        true,
      ])[0];
    expect(gain(0, 0.05)).toBeCloseTo(0, 9);
    expect(gain(1, 0)).toBeCloseTo(1, 9);
  });
});

it('nothing is asked next that a clinician has not allowed yet', () => {
  const barred = [{ by: 'Dr Orla Fenn', not: ['end'], place: { region: 'ankle', side: null } }];
  const asks = (file: CaseFile) => nextChecks(file).ranked.map(nameOf);
  const ofAnkle = (name: string) => name.startsWith('ankle-bend');
  expect(asks(slideTo('right')).some(ofAnkle)).toBe(true);
  const spared = asks(slideTo('right', { notYet: barred as CaseFile['notYet'] }));
  expect(spared.length).toBeGreaterThan(3);
  expect(spared.some(ofAnkle)).toBe(false);
});

describe('what to ask next', () => {
  const { ranked } = nextChecks(slideTo('right'));

  it('hips that slide to the right: the left ankle, or the heels lifted, among the first three', () => {
    const first = ranked.slice(0, 3).map(named);
    expect(first.some((one) => ['ankle-bend-knee-bent@left', 'heels-up@'].includes(one))).toBe(
      true,
    );
  });

  it('a mirrored case asks the mirror image', () => {
    const mirrored = nextChecks(slideTo('left')).ranked.map((one) =>
      named(one.side ? { ...one, side: one.side === 'left' ? 'right' : 'left' } : one),
    );
    expect(new Set(mirrored)).toEqual(new Set(ranked.map(named)));
    expect(mirrored[0]).toBe(named(ranked[0]));
  });

  it('says why of each, and how much', () => {
    for (const { why, bitsPerMinute } of ranked) {
      expect(why).toMatch(/^(separates .+ from .+|speaks for or against .+)$/);
      expect(bitsPerMinute).toBeGreaterThan(0);
    }
  });

  it('does not ask what was done, nor what must wait for another check', () => {
    const done = slideTo('right', {
      checks: [{ check: 'ankle-bend-knee-bent', side: 'left', passive: 28 }],
      probes: [{ probe: 'heels-up', fault: 'hips-slide', side: 'right', outcome: 'same' }],
    });
    const after = nextChecks(done).ranked.map(named);
    expect(after).not.toContain('ankle-bend-knee-bent@left');
    expect(after).not.toContain('heels-up@');
    expect(ranked.map(named)).not.toContain('ankle-front-block@left');
    expect(after).toContain('ankle-front-block@left');
    expect(after).not.toContain('ankle-front-block@right');
  });

  it('does not ask to put down a load that nobody holds', () =>
    expect(ranked.map(nameOf)).not.toContain('unloaded'));

  it('once the ankle is known short, its bend is worth less than what tells its tissues apart', () => {
    const known = slideTo('right', {
      checks: [{ check: 'ankle-bend-knee-bent', side: 'left', passive: 25 }],
    });
    expect(named(nextChecks(known).ranked[0])).toBe('ankle-front-block@left');
  });

  it.each(APPROACHES.map(({ id }) => [id] as const))(
    '%s keeps the bits and weighs them its own way',
    (id) => {
      const { ranked: own } = nextChecks(slideTo('right'), id);
      for (const one of own) {
        const same = ranked.find((other) => named(other) === named(one))!;
        expect(one.bitsPerMinute).toBeCloseTo(same.bitsPerMinute, 9);
        const part = PARTS_OF_FAULTS['hips-slide']!.includes(nameOf(one) as never) ? NAMED_PART : 1;
        expect(one.weight).toBeCloseTo(
          one.bitsPerMinute * (ASK_ORDER[id][nameOf(one) as never] ?? 1) * part,
          9,
        );
      }
    },
  );

  it('what a fault points at is asked sooner, and there is such a thing', () => {
    const ids: string[] = [...CHECKS, ...PROBES].map(({ id }) => id);
    for (const parts of Object.values(PARTS_OF_FAULTS))
      for (const part of parts!) expect(ids).toContain(part);
    const arms = { ...USUAL_SETUP, arms: 'overhead' as const };
    const folds = slideTo('right', {
      look: {
        pattern: 'squat',
        setup: arms,
        faults: [{ fault: 'overhead-folds', phase: 'bottom', grade: 'plain' }],
        clear: [],
        pain: [],
      },
    });
    const [first] = nextChecks(folds).ranked;
    expect(PARTS_OF_FAULTS['overhead-folds']).toContain(nameOf(first));
  });

  describe('when something hurts, the set-up that may spare it is tried first', () => {
    const hurting = (pain: Partial<CaseFile['look']['pain'][number]>, kg = 0) => {
      const { look, ...rest } = slideTo('right');
      const load = kg > 0 ? { at: 'back' as const, kg } : USUAL_SETUP.load;
      const told = {
        region: 'knee',
        side: 'left',
        phase: 'bottom',
        score: 5,
        kind: 'ache',
      } as const;
      const setup = { ...USUAL_SETUP, load };
      return { ...rest, look: { ...look, setup, pain: [{ ...told, ...pain }] } } as CaseFile;
    };
    const firstOf = (file: CaseFile) => nameOf(nextChecks(file).ranked[0]);

    it.each([
      ['at the bottom', hurting({}), 'shorter'],
      ['under a load', hurting({}, 40), 'unloaded'],
    ])('%s', (_name, file, probe) => expect(firstOf(file)).toBe(probe));

    it('the next one after the first was tried, and none when all were, or when it hardly hurts', () => {
      const tried = (...probes: ('shorter' | 'post')[]) =>
        firstOf({
          ...hurting({}),
          probes: probes.map((probe) => ({
            probe,
            outcome: 'same',
            fault: 'hips-slide',
            side: 'right',
          })),
        });
      expect(tried('shorter')).toBe('post');
      expect(['shorter', 'post']).not.toContain(tried('shorter', 'post'));
      expect(['shorter', 'post']).not.toContain(firstOf(hurting({ score: 2 })));
    });
  });

  it('ground up asks of the ankle before anything else', () =>
    expect(nameOf(nextChecks(slideTo('right'), 'ground-up').ranked[0])).toMatch(/^ankle/));

  it('names only checks and probes that there are', () => {
    const ids: string[] = [...CHECKS, ...PROBES].map(({ id }) => id);
    for (const order of Object.values(ASK_ORDER))
      for (const id of Object.keys(order)) expect(ids).toContain(id);
  });
});
