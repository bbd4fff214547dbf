import { maybeAskedAhead } from './askedAhead';

/** The wire: fetch with our header, and every failure as one of two kinds. */

/** The server answered, and said no. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly body: {
      code: string;
      message: string;
      path?: string;
      hint?: string;
      theirs?: unknown;
      mine?: unknown;
    },
  ) {
    super(body.message);
  }
}

/** Nobody answered, or the answer was no answer: then its status is known. */
export class NoAnswer extends Error {
  readonly status: number | null;
  constructor(
    message: string,
    { status = null, cause }: { status?: number | null; cause?: unknown } = {},
  ) {
    super(message, { cause });
    this.status = status;
  }
}

const BASE = '/api/v1';
const ANSWER_WITHIN_MS = 15_000;
const FILE_WITHIN_MS = 300_000;
/** As long as the server takes for a whole archive on a slow line. */
const UPLOAD_WITHIN_MS = 3_600_000;

async function bodyOf(response: Response): Promise<unknown> {
  if (response.status === 204) return null;
  try {
    return await response.json();
  } catch (cause) {
    throw new NoAnswer('not readable', { status: response.status, cause });
  }
}

async function ask(path: string, init: RequestInit): Promise<Response> {
  const signal = AbortSignal.timeout(ANSWER_WITHIN_MS);
  const ahead = init.method === 'GET' ? maybeAskedAhead(path) : null;
  try {
    if (ahead) return await Promise.race([ahead, whenOver(signal)]);
    return await fetch(`${BASE}${path}`, { credentials: 'same-origin', signal, ...init });
  } catch (cause) {
    throw new NoAnswer('no answer', { cause });
  }
}

/** Rejects when the time is over. */
const whenOver = (signal: AbortSignal): Promise<never> =>
  new Promise((_, reject) =>
    signal.addEventListener('abort', () => reject(signal.reason as Error), { once: true }),
  );

/** A file that the server makes. Throws as `call` does. */
export async function fetchFile(path: string): Promise<Blob> {
  const response = await ask(path, {
    method: 'GET',
    signal: AbortSignal.timeout(FILE_WITHIN_MS),
  });
  if (response.ok) return response.blob();
  throw new Refused(response.status, (await bodyOf(response)) as Refused['body']);
}

/** Hands a file to the server; a large one may take its time. Throws as `call` does. */
export async function sendFile<T>(path: string, file: Blob): Promise<T> {
  const response = await ask(path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/zip', 'X-Taxikine': '1' },
    body: file,
    signal: AbortSignal.timeout(UPLOAD_WITHIN_MS),
  });
  const answer = await bodyOf(response);
  if (response.ok) return answer as T;
  throw new Refused(response.status, answer as Refused['body']);
}

/** One request. Throws `Refused` when the server says no, `NoAnswer` when it is not there. */
export async function call<T>(
  method: 'GET' | 'PUT' | 'POST' | 'DELETE',
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<T> {
  const response = await ask(path, {
    method,
    headers: { 'Content-Type': 'application/json', 'X-Taxikine': '1', ...headers },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  const answer = await bodyOf(response);
  if (response.ok) return answer as T;
  throw new Refused(response.status, answer as Refused['body']);
}

/** What a server has of something that this device may have already. */
export type Fresh<T> =
  | { readonly status: 'same' }
  | { readonly status: 'new'; readonly body: T; readonly tag: string | null };

/** Reads something, unless it is still what had this tag. Throws as `call` does. */
export async function callFresh<T>(path: string, tag: string | null): Promise<Fresh<T>> {
  const response = await ask(path, {
    method: 'GET',
    headers: { 'X-Taxikine': '1', ...(tag ? { 'If-None-Match': tag } : {}) },
  });
  if (response.status === 304) return { status: 'same' };
  const answer = await bodyOf(response);
  if (!response.ok) throw new Refused(response.status, answer as Refused['body']);
  return { status: 'new', body: answer as T, tag: response.headers.get('ETag') };
}

/** Worth sending again by itself: nobody there, server trouble, or asked to slow down. */
export const isPassing = (error: unknown): boolean =>
  error instanceof NoAnswer ||
  (error instanceof Refused && (error.status >= 500 || error.status === 429));
