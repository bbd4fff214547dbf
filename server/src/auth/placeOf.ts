import { isIPv6 } from 'node:net';

const MAPPED = /^::ffff:(?=\d+\.\d+\.\d+\.\d+$)/i;

/** All eight groups of an address of version 6. */
function groupsOf(address: string): string[] {
  const [front, back] = address.split('::').map((half) => half.split(':').filter(Boolean));
  if (back === undefined) return front;
  return [...front, ...Array<string>(8 - front.length - back.length).fill('0'), ...back];
}

/** Where a request is from, as far as one subscriber has it: of version 6, everybody has a whole network. */
export function placeOf(address = ''): string {
  const plain = address.replace(MAPPED, '');
  if (!isIPv6(plain)) return plain;
  const network = groupsOf(plain.split('%')[0]).slice(0, 4);
  return network.map((group) => parseInt(group, 16).toString(16)).join(':');
}
