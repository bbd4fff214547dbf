import { createHash } from 'node:crypto';

/** The same name gives the same id, so that loading the demo again would change nothing. */
export function demoId(name: string): string {
  const hex = createHash('sha256').update(`saltreach/${name}`).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
