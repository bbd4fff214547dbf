/**
 * Cuts what Metro exported anew: Metro lays everything that two parts share into one file that all wait
 * for. Writes the pages with their table of parts, and `version.json`.
 *
 * @param dist folder of the export
 * @param namesFile where Metro noted which file each module came from
 * @returns {{ entry: string, table: Record<string, string[]>, workers: string[], contents: Record<string, string[]> }}
 *   the files of each part, and the modules in each file
 */
export function writeParts(
  dist: any,
  namesFile: any,
): {
  entry: string;
  table: Record<string, string[]>;
  workers: string[];
  contents: Record<string, string[]>;
};
