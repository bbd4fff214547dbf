import { Entity, PrimaryColumn } from 'typeorm';
import { TextColumn } from '../columns';

@Entity('practice')
export class Practice {
  @PrimaryColumn({ type: 'uuid' }) id!: string;
  @TextColumn() name!: string;
}
