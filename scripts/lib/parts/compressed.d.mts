/** Lays a brotli and a gzip beside every text of a folder, as small as they get: it is done once a build. */
export function compressed(folder: any): Promise<void>;
