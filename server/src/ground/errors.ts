/** What every refusal looks like on the wire; `path` names the field, `hint` says what to do. */
export interface ErrorShape {
  readonly code: string;
  readonly message: string;
  readonly path?: string;
  readonly hint?: string;
  readonly [extra: string]: unknown;
}

/** An error that may be shown as it is. */
export class AppError extends Error {
  constructor(
    readonly status: number,
    readonly shape: ErrorShape,
    options?: ErrorOptions,
  ) {
    super(shape.message, options);
  }
}

export const notFound = (what: string, cause?: unknown): AppError =>
  new AppError(404, { code: 'not-found', message: `There is no such ${what}.` }, { cause });

export const invalid = (message: string, path?: string, hint?: string): AppError =>
  new AppError(422, {
    code: 'invalid',
    message,
    ...(path ? { path } : {}),
    ...(hint ? { hint } : {}),
  });

export const notSignedIn = (): AppError =>
  new AppError(401, {
    code: 'not-signed-in',
    message: 'You are not signed in, or the session has expired.',
    hint: 'Sign in again; what you entered is kept on this device.',
  });
