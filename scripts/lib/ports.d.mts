/**
 * The wanted port if it is free, otherwise the next free one. Ask for one below 32768: from there on
 * the system gives ports to connections that go out, and one can be gone again before it is used.
 */
export function freePort(wanted: any): Promise<any>;
export function isFree(port: any): Promise<any>;
