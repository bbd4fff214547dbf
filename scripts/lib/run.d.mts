/** Runs a command to its end and returns what it printed; throws in words when it fails. */
export function output(command: any, args: any, options?: {}): string;
/** Runs a command in front of the reader; resolves with its exit code. */
export function shown(command: any, args: any, options?: {}): Promise<any>;
/** A failure that has been put into words already; printed without a stack. */
export class Told extends Error {}
export function isRoot(): boolean;
export function succeeds(command: any, args: any, options?: {}): boolean;
