/** Has Expo export the web app of a folder into another. */
export function exportWeb(cwd: any, dist: any): Promise<void>;
