/** Ids of everything that runs when `from` does. */
export function reached(modules: any, from: any): Set<any>;
/**
 * Cuts an app into files: one that everything begins with, one or none of each part's own, and those
 * that several parts share. A part needs every file that one of its modules is in.
 *
 * @param modules {Map<number, { text: string, deps: number[] }>}
 * @param runs ids that run at once
 * @param parts {Map<string, number>} name of each part and the id of the module it begins with
 * @param doors by the name of a part that others are reached through, which ones: they find its modules there
 * @param first names of the parts that are waited for most
 * @returns {{ entry: number[], groups: { names: Set<string>, ids: number[], bytes: number }[] }}
 */
export function planParts({
  modules,
  runs,
  parts,
  doors,
  first,
}: Map<
  number,
  {
    text: string;
    deps: number[];
  }
>): {
  entry: number[];
  groups: {
    names: Set<string>;
    ids: number[];
    bytes: number;
  }[];
};
