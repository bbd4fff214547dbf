/** A part of the app that could not be fetched: no signal, a newer version, or cut off on its way. */
export class PartMissing extends Error {
  constructor(
    readonly url: string,
    options?: ErrorOptions,
  ) {
    super(`a part of the app is missing: ${url}`, options);
  }
}
