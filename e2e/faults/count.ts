import { readdirSync } from 'node:fs';
import { setTimeout as delay } from 'node:timers/promises';
import type { ClientFile } from '@taxikine/core';
import type { Tally } from './Tally';
import type { Wire } from './Wire';

/** What is there at the end, against what was promised. */
export interface Count {
  /** Acknowledged, and not there. */
  readonly lost: number;
  /** Carried out more often than it was acknowledged. */
  readonly doubled: number;
  /** There, and not what was written last; or an answer that no fault explains. */
  readonly wrong: number;
  /** `waiting`: a worker died with it, and it is tried again after minutes. */
  readonly letters: { readonly asked: number; readonly sent: number; readonly waiting: number };
  /** The first few, in words. */
  readonly said: readonly string[];
}

async function filesOf(wire: Wire, ids: Iterable<string>): Promise<Map<string, ClientFile>> {
  const files = new Map<string, ClientFile>();
  for (const id of new Set(ids)) {
    const { status, body } = await wire.ask({ method: 'GET', path: `/clients/${id}/file` });
    if (status === 200) files.set(id, body as unknown as ClientFile);
  }
  return files;
}

/** Letters that have gone out, once every one of them has; those that have by the end of the time, otherwise. */
async function lettersOut(outbox: string, asked: number, withinMs: number): Promise<string[]> {
  for (const since = performance.now(); ; await delay(500)) {
    const out = readdirSync(outbox, { recursive: true })
      .map(String)
      .filter((name) => name.endsWith('.eml'));
    if (out.length >= asked || performance.now() - since > withinMs) return out;
  }
}

interface Where {
  readonly outbox: string;
  /** So long letters are waited for; whose worker died is tried again after minutes, and counts as waiting. */
  readonly lettersWithinMs: number;
}

/** Reads all that was written, through the door as anybody would. */
export async function count(
  wire: Wire,
  tally: Tally,
  { outbox, lettersWithinMs }: Where,
): Promise<Count> {
  const lost: string[] = [];
  const doubled: string[] = [];
  const wrong = [...tally.wrong];
  const whose = [...tally.records.values()].map(({ clientId }) => clientId);
  const files = await filesOf(wire, whose);
  for (const [id, { clientId, kind, acks, last }] of tally.records) {
    const file = files.get(clientId);
    const record = kind === 'clients' ? file?.client : file?.visits.find((one) => one.id === id);
    const version = (record as { version?: number } | undefined)?.version ?? 0;
    if (version < acks) lost.push(`${kind} ${id}: version ${version} of ${acks}`);
    if (version > acks) doubled.push(`${kind} ${id}: version ${version} of ${acks}`);
    if (last !== null && file && file.client.goal !== last) wrong.push(`${kind} ${id}: ${last}`);
  }
  for (const [id, clientId] of tally.words) {
    const times = files.get(clientId)?.homeEntries.filter((one) => one.id === id).length ?? 0;
    if (times === 0) lost.push(`word ${id}`);
    if (times > 1) doubled.push(`word ${id}`);
  }
  const out = await lettersOut(outbox, tally.letters.size, lettersWithinMs);
  const late = [...tally.letters].filter(([id]) => !out.some((name) => name.endsWith(`${id}.eml`)));
  const now = await filesOf(
    wire,
    late.map(([, clientId]) => clientId),
  );
  const isWaiting = ([id, clientId]: [string, string]) =>
    now.get(clientId)?.messages.find((one) => one.id === id)?.delivery === null;
  for (const letter of late) if (!isWaiting(letter)) lost.push(`letter ${letter[0]}`);
  const waiting = late.filter(isWaiting).length;
  return {
    lost: lost.length,
    doubled: doubled.length,
    wrong: wrong.length,
    letters: { asked: tally.letters.size, sent: out.length, waiting },
    said: [...lost, ...doubled, ...wrong].slice(0, 10),
  };
}
