/** Does something while no other process does something under the same lock. */
export function underLock(file: any, act: any): Promise<any>;
/** Notes in a folder that this process uses something; returns the note's file. */
export function hold(folder: any, what: any): string;
/** How many use it still; notes of processes that are gone are swept up. */
export function holders(folder: any): number;
