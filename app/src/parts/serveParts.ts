import { loadScript } from './loadScript';
import { PartMissing } from './PartMissing';
import { maybePartTable } from './partTable';

declare global {
  /** What `import()` calls with the name of a part, as Metro has it. */
  var __loadBundleAsync: (part: string) => Promise<void>;
}

/** From now on `import()` fetches all files of a part side by side, as the build's table has them. */
export function serveParts(): void {
  const table = maybePartTable();
  if (!table) return;
  globalThis.__loadBundleAsync = async (part) => {
    const files = table.parts[part];
    if (!files) throw new PartMissing(part);
    await Promise.all(files.map(loadScript));
  };
}
