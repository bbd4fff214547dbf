import { Entity, PrimaryColumn } from 'typeorm';
import { IdColumn, TextColumn } from '../columns';

@Entity('coach')
export class Coach {
  @PrimaryColumn({ type: 'uuid' }) id!: string;
  @IdColumn() practiceId!: string;
  @TextColumn() name!: string;
  @TextColumn() email!: string;
  @TextColumn() passwordHash!: string;
}
