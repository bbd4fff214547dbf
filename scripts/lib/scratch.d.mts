/** A folder to throw away that PostgreSQL's own user can enter too. */
export function scratchFolder(what: any): string;
