import type { Role } from '@taxikine/core';
import type { DataSource } from 'typeorm';
import { hashOfPassword } from '../auth/passwords';
import { Coach } from '../database/entities/Coach';
import { Practice } from '../database/entities/Practice';
import { inPractice } from '../database/inPractice';

export interface NewPractice {
  readonly id: string;
  readonly name: string;
  readonly coaches: readonly {
    readonly id: string;
    readonly name: string;
    readonly email: string;
    readonly password: string;
    /** The first of them owns the practice where nothing is said. */
    readonly role?: Role;
  }[];
}

/** Makes a practice with its coaches. Takes the owner's connection: no request can do this. */
export async function makePractice(owner: DataSource, practice: NewPractice): Promise<void> {
  await inPractice(owner, practice.id, async (manager) => {
    await manager.insert(Practice, { id: practice.id, name: practice.name });
    for (const [i, { password, ...coach }] of practice.coaches.entries()) {
      const passwordHash = await hashOfPassword(password);
      await manager.insert(Coach, {
        role: i === 0 ? 'owner' : 'coach',
        ...coach,
        email: coach.email.toLowerCase(),
        practiceId: practice.id,
        passwordHash,
      });
    }
  });
}

export const hasPractices = async (owner: DataSource): Promise<boolean> =>
  (await owner.getRepository(Practice).count()) > 0;
