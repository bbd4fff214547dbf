/**
 * Reads a file of Metro's: module definitions, the ids that are run at its end, and what stands before
 * them (in the first file, Metro's own runtime).
 *
 * @param {string} text
 * @returns {{ prelude: string, modules: Module[], runs: number[] }}
 */
export function readBundle(text: string): {
  prelude: string;
  modules: Module[];
  runs: number[];
};
/**
 * text as it stands in the file; `deps` what it needs before it runs; `lazy` the file that `import()`
 * of a module fetches, by the module's id
 */
export type Module = {
  id: number;
  text: string;
  deps: number[];
  lazy: Record<string, string>;
};
