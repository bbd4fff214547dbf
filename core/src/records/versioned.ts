/** A record with the version the server gave it; 0 is not on the server yet. */
export type Versioned<T> = T & { version: number };
