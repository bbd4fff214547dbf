/** A letter, ready to go. */
export interface Letter {
  /** The same for every try: whoever sends it can tell one that went out already. */
  readonly id: string;
  /** Whom it is from: the practice's name. */
  readonly from: string;
  readonly to: { readonly name: string; readonly email: string };
  readonly subject: string;
  readonly text: string;
}

export type Sending =
  | { readonly status: 'sent' }
  /** Never, however often it is tried; in the mail service's own words. */
  | { readonly status: 'refused'; readonly said: string };

/**
 * What takes a letter away: the one door through which anything reaches a client by itself. The simulated
 * outbox stands behind it here; a mail service is another value of this type.
 */
export interface Sender {
  /** @throws Error when it may work later: the letter is tried again */
  send(letter: Letter): Promise<Sending>;
  /**
   * Lets go of letters by their ids, as far as they are kept on this side: their client was erased.
   *
   * @throws Error when it may work later
   */
  forget(ids: readonly string[]): Promise<void>;
}
