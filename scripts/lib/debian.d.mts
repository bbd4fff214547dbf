/** Folder of the newest PostgreSQL server programs, or null. */
export function maybePostgresBin(): string | null;
/**
 * The server programs of PostgreSQL, installed if need be. Any cluster that Debian makes is left
 * alone; ours is separate.
 */
export function needPostgres(): Promise<string>;
export function needChromium(): Promise<string>;
export function maybeChromium(): string | null;
