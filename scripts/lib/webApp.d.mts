/** Exports the web app when its sources have changed since the last export. */
export function needWebApp(): Promise<void>;
/** Which modules are in which file of the build, and which files each part has: tests hold it to its budgets. */
export const BUILD_NOTE: string;
