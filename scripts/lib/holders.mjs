import {
  closeSync,
  existsSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';

const LOOK_EVERY_MS = 50;
const LOCKED_FOR_AT_MOST_MS = 120_000;

/**
 * Who a process is, so that another one that got its number later is not taken for it: its number and
 * when it began (proc(5), field 22 of stat).
 */
function identityOf(pid) {
  const stat = `/proc/${pid}/stat`;
  if (!existsSync(stat)) return null;
  try {
    const afterName = readFileSync(stat, 'utf8').split(') ').at(-1);
    return `${pid} ${afterName.split(' ')[19]}`;
  } catch {
    return null;
  }
}

const ME = identityOf(process.pid) ?? String(process.pid);
const isAlive = (identity) => identity !== '' && identityOf(identity.split(' ')[0]) === identity;

const maybeText = (file) => {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    return null;
  }
};

/** Takes a lock file, or that of a process that is gone. */
function tryLock(file) {
  try {
    const handle = openSync(file, 'wx');
    writeSync(handle, ME);
    closeSync(handle);
    return true;
  } catch (error) {
    if (error.code !== 'EEXIST') throw error;
    const holder = maybeText(file);
    // Empty: it was made this very moment, and its maker has not written yet.
    if (holder && !isAlive(holder)) rmSync(file, { force: true });
    return false;
  }
}

/** Does something while no other process does something under the same lock. */
export async function underLock(file, act) {
  const until = Date.now() + LOCKED_FOR_AT_MOST_MS;
  while (!tryLock(file)) {
    if (Date.now() > until) throw new Error(`${file} is held by somebody else`);
    await pause(LOOK_EVERY_MS);
  }
  try {
    return await act();
  } finally {
    rmSync(file, { force: true });
  }
}

/** Notes in a folder that this process uses something; returns the note's file. */
export function hold(folder, what) {
  mkdirSync(folder, { recursive: true });
  const note = join(folder, `${process.pid}-${what}`);
  writeFileSync(note, ME);
  return note;
}

/** How many use it still; notes of processes that are gone are swept up. */
export function holders(folder) {
  if (!existsSync(folder)) return 0;
  return readdirSync(folder).filter((name) => {
    const note = join(folder, name);
    if (isAlive(maybeText(note) ?? '')) return true;
    rmSync(note, { force: true });
    return false;
  }).length;
}
