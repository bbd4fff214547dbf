import { createTransport } from 'nodemailer';
import { mkdir, rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Letter, Sender } from './sender';

/** Addresses at which the simulated mail service behaves as a real one does on a bad day. */
const UNKNOWN_AT = '@nobody.example';
const BUSY_AT = '@busy.example';

/** Letters leave from nowhere: the domain is one that can never be anybody's. */
const FROM = 'letters@taxikine.example';

const composer = createTransport({ streamTransport: true, buffer: true });

/** The letter as the mail standard has it (RFC 5322). */
async function emlOf({ id, from, to, subject, text }: Letter): Promise<Buffer> {
  const { message } = await composer.sendMail({
    from: { name: from, address: FROM },
    to: { name: to.name, address: to.email },
    messageId: `<${id}@taxikine.example>`,
    subject,
    text,
  });
  return message as Buffer;
}

/**
 * A simulated mail service: it keeps every letter as `<id>.eml` in a folder, and the same letter once. It
 * refuses addresses at nobody.example and is never free for those at busy.example.
 */
export function outboxSender(folder: string): Sender {
  return {
    async send(letter) {
      const { email } = letter.to;
      if (email.endsWith(UNKNOWN_AT))
        return { status: 'refused', said: `${email} is unknown here` };
      if (email.endsWith(BUSY_AT)) throw new Error(`${email} cannot take a letter now`);
      await mkdir(folder, { recursive: true, mode: 0o700 });
      const path = join(folder, `${letter.id}.eml`);
      // Whole or not at all: a worker that dies here leaves no half letter.
      await writeFile(`${path}.part`, await emlOf(letter), { mode: 0o600 });
      await rename(`${path}.part`, path);
      return { status: 'sent' };
    },
    async forget(ids) {
      for (const id of ids) await rm(join(folder, `${id}.eml`), { force: true });
    },
  };
}
