import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import vm from 'node:vm';
import { declareClassPlugin, PluginKind } from '@stryker-mutator/api/plugin';
import {
  determineHitLimitReached,
  DryRunStatus,
  TestStatus,
  toMutantRunResult,
} from '@stryker-mutator/api/test-runner';
import { build } from 'esbuild';
import { expect } from 'expect';
import { collectTests } from './collectTests.mjs';

/** Shared with the instrumented code, under the name that it looks for. */
const instrument = (globalThis.__stryker__ ??= {});

/** In Stryker's copy of the tree: how long each test took when all ran, for those processes that did not run them. */
const TOOK = '.mutants-took.json';

const fileOf = (id) => id.slice(0, id.indexOf(' › '));

const failed = (id, error, timeSpentMs) => ({
  id,
  name: id,
  timeSpentMs,
  status: TestStatus.Failed,
  failureMessage: String(error?.message ?? error),
});

/** So many tests that were red lately are tried first, unless one takes longer than so many milliseconds. */
const LATELY = 8;
const QUICK_MS = 500;

/**
 * Runs tests of core inside this process, a bundle a file, so that a mutant costs what its tests cost and no
 * start of Jest. Files are evaluated anew for every mutant: also what is made while a module loads is tried.
 */
class CoreRunner {
  static inject = ['options'];

  constructor(options) {
    this.names = options.suites;
    /** Milliseconds that each test last took, by its id: what is quick is tried first, since one red test is enough. */
    this.took = new Map();
    /** Ids of the quick tests that were red last, the newest first. */
    this.lately = [];
  }

  tookOf(id) {
    return this.took.get(id) ?? 0;
  }

  /**
   * Ids in the order in which one of them is soonest likely to be red: what was red over a mutant lately first (its
   * neighbours are alike), then what is quickest, whichever file it stands in.
   */
  inOrder(ids) {
    const known = this.lately.filter((id) => ids.includes(id));
    const rest = ids.filter((id) => !known.includes(id));
    return [...known, ...rest.sort((a, b) => this.tookOf(a) - this.tookOf(b))];
  }

  wasRed(id) {
    this.lately = [id, ...this.lately.filter((one) => one !== id)].slice(0, LATELY);
  }

  capabilities() {
    return { reloadEnvironment: true };
  }

  async init() {
    const root = process.cwd();
    const outdir = join(root, '.mutants');
    const { outputFiles } = await build({
      entryPoints: this.names.map((name) => join(root, `core/tests/${name}.test.ts`)),
      outdir,
      bundle: true,
      platform: 'node',
      format: 'cjs',
      external: ['joi', 'papaparse', 'fast-check'],
      write: false,
      logLevel: 'error',
    });
    const require = createRequire(join(root, 'core/tests/'));
    this.files = outputFiles.map(({ path, text }) => {
      const name = path.slice(outdir.length + 1).replace(/\.test\.js$/, '');
      const wrapped = `(function (require, module, exports, describe, it, test, expect) {${text}\n})`;
      const script = new vm.Script(wrapped, { filename: path });
      const load = ({ describe, it, test }) => {
        const module = { exports: {} };
        script.runInThisContext()(require, module, module.exports, describe, it, test, expect);
      };
      return { name, load };
    });
  }

  async dryRun() {
    instrument.mutantCoverage = { static: {}, perTest: {} };
    const ids = this.files.flatMap(({ name }) => [...this.collected(name).keys()]);
    const tests = await this.run(ids, false);
    writeFileSync(TOOK, JSON.stringify([...this.took]));
    return {
      status: DryRunStatus.Complete,
      tests,
      mutantCoverage: instrument.mutantCoverage,
    };
  }

  async mutantRun({ activeMutant, testFilter, disableBail, hitLimit }) {
    Object.assign(instrument, { hitLimit, hitCount: hitLimit === undefined ? undefined : 0 });
    instrument.activeMutant = activeMutant.id;
    if (this.took.size === 0) this.took = new Map(JSON.parse(readFileSync(TOOK, 'utf8')));
    let tests;
    try {
      tests = await this.run(this.inOrder(testFilter ?? [...this.took.keys()]), !disableBail);
    } finally {
      instrument.activeMutant = undefined;
    }
    const limit = determineHitLimitReached(instrument.hitCount, instrument.hitLimit);
    return toMutantRunResult(limit ?? { status: DryRunStatus.Complete, tests }, disableBail);
  }

  /** Runs tests one after the other; a file is evaluated anew when the first of its tests comes. */
  async run(ids, bails) {
    const testsOf = new Map();
    const results = [];
    for (const id of ids) {
      const began = performance.now();
      const took = () => performance.now() - began;
      try {
        const name = fileOf(id);
        instrument.currentTestId = undefined;
        if (!testsOf.has(name)) testsOf.set(name, this.collected(name));
        instrument.currentTestId = id;
        await testsOf.get(name).get(id)();
        results.push({ id, name: id, timeSpentMs: took(), status: TestStatus.Success });
        this.took.set(id, Math.min(took(), this.took.get(id) ?? Infinity));
      } catch (error) {
        // A file that cannot even be read is as red as its tests.
        results.push(failed(id, error, took()));
        if (this.tookOf(id) < QUICK_MS) this.wasRed(id);
        if (bails) break;
      } finally {
        instrument.currentTestId = undefined;
      }
    }
    return results;
  }

  collected(name) {
    const { load } = this.files.find((one) => one.name === name);
    return new Map(collectTests(name, load).map(({ id, run }) => [id, run]));
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.TestRunner, 'core', CoreRunner)];
/** Lets the option be told. */
export const strykerValidationSchema = {
  properties: { suites: { type: 'array', items: { type: 'string' } } },
};
