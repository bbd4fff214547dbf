import type { ImageRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import { MaybeTextColumn, VisitRow } from '../columns';

/** Apart from its picture's record, so that a client's file does not carry it every time. */
@Entity('image')
export class Image extends VisitRow implements ImageRecord {
  @MaybeTextColumn() jpeg!: string | null;
}
