import type { ProbeRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import { InstantColumn, JsonColumn, TextColumn, VisitRow, YesNoColumn } from '../columns';

@Entity('probe')
export class Probe extends VisitRow implements ProbeRecord {
  @TextColumn() probe!: ProbeRecord['probe'];
  @JsonColumn() setup!: ProbeRecord['setup'];
  @JsonColumn() outcomes!: ProbeRecord['outcomes'];
  @InstantColumn() doneOn!: string;
  @YesNoColumn() removed!: boolean;
}
