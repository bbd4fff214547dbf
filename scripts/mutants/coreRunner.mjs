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

const failed = (id, error, timeSpentMs) => ({
  id,
  name: id,
  timeSpentMs,
  status: TestStatus.Failed,
  failureMessage: String(error?.message ?? error),
});

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
  }

  tookOf(id) {
    return this.took.get(id) ?? 0;
  }

  /** Files that hold a wanted test, those first whose wanted tests are quickest. */
  inOrder(wanted) {
    const sum = new Map(this.files.map(({ name }) => [name, null]));
    for (const id of wanted ?? this.took.keys()) {
      const name = id.slice(0, id.indexOf(' › '));
      if (sum.has(name)) sum.set(name, (sum.get(name) ?? 0) + this.tookOf(id));
    }
    return this.files
      .filter(({ name }) => !wanted || sum.get(name) !== null)
      .sort((a, b) => (sum.get(a.name) ?? 0) - (sum.get(b.name) ?? 0));
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
    const tests = [];
    for (const file of this.files) tests.push(...(await this.runFile(file, null, false)));
    return {
      status: DryRunStatus.Complete,
      tests,
      mutantCoverage: instrument.mutantCoverage,
    };
  }

  async mutantRun({ activeMutant, testFilter, disableBail, hitLimit }) {
    const wanted = testFilter && new Set(testFilter);
    Object.assign(instrument, { hitLimit, hitCount: hitLimit === undefined ? undefined : 0 });
    instrument.activeMutant = activeMutant.id;
    const tests = [];
    try {
      for (const file of this.inOrder(wanted)) {
        tests.push(...(await this.runFile(file, wanted, !disableBail)));
        if (!disableBail && tests.some(({ status }) => status === TestStatus.Failed)) break;
      }
    } finally {
      instrument.activeMutant = undefined;
    }
    const limit = determineHitLimitReached(instrument.hitCount, instrument.hitLimit);
    return toMutantRunResult(limit ?? { status: DryRunStatus.Complete, tests }, disableBail);
  }

  async runFile({ name, load }, wanted, bails) {
    let all;
    try {
      all = collectTests(name, load);
    } catch (error) {
      // A file that cannot even be read is as red as a test.
      return [failed(`${name} › reads`, error, 0)];
    }
    const results = [];
    const ours = all
      .filter((one) => !wanted || wanted.has(one.id))
      .sort((a, b) => this.tookOf(a.id) - this.tookOf(b.id));
    for (const { id, run } of ours) {
      const began = performance.now();
      instrument.currentTestId = id;
      try {
        await run();
        const timeSpentMs = performance.now() - began;
        this.took.set(id, timeSpentMs);
        results.push({ id, name: id, timeSpentMs, status: TestStatus.Success });
      } catch (error) {
        results.push(failed(id, error, performance.now() - began));
        if (bails) break;
      } finally {
        instrument.currentTestId = undefined;
      }
    }
    return results;
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.TestRunner, 'core', CoreRunner)];
/** Lets the option be told. */
export const strykerValidationSchema = {
  properties: { suites: { type: 'array', items: { type: 'string' } } },
};
