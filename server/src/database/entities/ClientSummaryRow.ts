import type { ClientSummary } from '@taxikine/core';
import { Entity } from 'typeorm';
import { JsonColumn, KeyColumn, TextColumn, WholeColumn } from '../columns';

/** What the list of clients says of one, worked out when something of theirs was written. */
@Entity('client_summary')
export class ClientSummaryRow {
  @KeyColumn() practiceId!: string;
  @KeyColumn() clientId!: string;
  @WholeColumn() shape!: number;
  @TextColumn() name!: string;
  /** Name and what they do, in small letters: what is searched. */
  @TextColumn() words!: string;
  @WholeColumn() rank!: number;
  /** Day of the next look; the last day there is where none is due. */
  @TextColumn() dueOn!: string;
  @TextColumn() lastVisitOn!: string;
  @JsonColumn() summary!: ClientSummary;
}
