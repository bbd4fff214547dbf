import type { MessageRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import {
  IdColumn,
  InstantColumn,
  MaybeIdColumn,
  MaybeJsonColumn,
  MaybeTextColumn,
  PracticeRow,
  TextColumn,
} from '../columns';

/** A letter that was asked for, and what became of it. */
@Entity('message')
export class Message extends PracticeRow implements MessageRecord {
  @IdColumn() clientId!: string;
  @TextColumn() kind!: MessageRecord['kind'];
  @MaybeIdColumn() planId!: string | null;
  @MaybeTextColumn() dueOn!: string | null;
  @InstantColumn() askedOn!: string;
  @MaybeIdColumn() askedBy!: string | null;
  @MaybeJsonColumn() delivery!: MessageRecord['delivery'];
}
