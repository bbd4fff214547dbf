import { spawn, spawnSync } from 'node:child_process';

/** A failure that has been put into words already; printed without a stack. */
export class Told extends Error {}

export const isRoot = () => process.getuid?.() === 0;

/** Runs a command to its end and returns what it printed; throws in words when it fails. */
export function output(command, args, options = {}) {
  const done = spawnSync(command, args, { encoding: 'utf8', ...options });
  if (done.status !== 0) {
    const said = (done.stderr || done.stdout || String(done.error ?? '')).trim();
    throw new Told(`${command} ${args.join(' ')} failed:\n${said}`);
  }
  return done.stdout.trim();
}

export const succeeds = (command, args, options = {}) =>
  spawnSync(command, args, { stdio: 'ignore', ...options }).status === 0;

/** Runs a command to its end; its exit code and all it said. */
export function heard(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], ...options });
    let text = '';
    const listen = (part) => (text += part);
    child.stdout.setEncoding('utf8').on('data', listen);
    child.stderr.setEncoding('utf8').on('data', listen);
    child.on('error', reject);
    child.on('close', (code, signal) => resolve({ code: code ?? (signal ? 1 : 0), text }));
  });
}

/** Runs a command in front of the reader; resolves with its exit code. */
export function shown(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: ['ignore', 'inherit', 'inherit'], ...options });
    child.on('error', reject);
    child.on('exit', (code, signal) => resolve(code ?? (signal ? 1 : 0)));
  });
}
