import type { RoomRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import { JsonColumn, PracticeRow } from '../columns';

@Entity('room')
export class Room extends PracticeRow implements RoomRecord {
  @JsonColumn() weights!: RoomRecord['weights'];
}
