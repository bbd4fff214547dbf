import { Column, Entity } from 'typeorm';
import {
  IdColumn,
  InstantColumn,
  KeyColumn,
  MaybeIdColumn,
  MaybeInstantColumn,
  TextColumn,
} from '../columns';

export const LINK_PURPOSES = ['page', 'calendar'] as const;
export type LinkPurpose = (typeof LINK_PURPOSES)[number];

/** A door for one client without an account. Only the hash of its token is kept. */
@Entity('client_link')
export class ClientLink {
  @KeyColumn() practiceId!: string;
  @KeyColumn() id!: string;
  @IdColumn() clientId!: string;
  @TextColumn() purpose!: LinkPurpose;
  @Column({ type: 'bytea' }) tokenHash!: Buffer;
  @IdColumn() madeBy!: string;
  @InstantColumn() madeOn!: string;
  @InstantColumn() expiresOn!: string;
  /** The letter that carries it; null when the coach was told the address. */
  @MaybeIdColumn() messageId!: string | null;
  @MaybeInstantColumn() revokedOn!: string | null;
}
