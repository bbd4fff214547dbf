import { READ_EVERY_MIN } from '@taxikine/core';
import type { DataSource } from 'typeorm';
import type { SignedIn } from '../auth/sessions';
import { inPractice } from '../database/inPractice';
import { noteDeedOnce } from '../audit/noteDeedOnce';

/** More than are read in an hour; past that, all are kept anew. */
const MOST = 50_000;

/**
 * Which files this process knows to be kept as read in the last hour: an open app asks for the same one again and
 * again, and the trail need not be looked at each time.
 */
export class FileReads {
  private readonly until = new Map<string, number>();

  constructor(private readonly source: DataSource) {}

  async note({ coach, practice }: SignedIn, clientId: string): Promise<void> {
    const key = `${coach.id}|${clientId}`;
    if ((this.until.get(key) ?? 0) > performance.now()) return;
    if (this.until.size >= MOST) this.until.clear();
    await inPractice(this.source, practice.id, (manager) =>
      noteDeedOnce(manager, { by: coach.id, deed: 'file-read', to: clientId }, READ_EVERY_MIN),
    );
    this.until.set(key, performance.now() + READ_EVERY_MIN * 60_000);
  }
}
