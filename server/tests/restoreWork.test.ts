import { once } from 'node:events';
import { createServer, request as ask, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { Restore } from '../src/database/entities/Restore';
import { RestorePart } from '../src/database/entities/RestorePart';
import { putBack } from '../src/restore/putBack';
import { everything } from './filled';
import { archive, hand, lose, own, PATH, restore, shown, work } from './restoring';
import { NOON, PASSWORD, runNext, signIn, useWorld, world } from './world';

useWorld();

describe('one at a time', () => {
  const state = (id: string) => own((manager) => manager.findOneBy(Restore, { id }));
  const age = (id: string, minutes: number) =>
    own((manager) =>
      manager.update(
        Restore,
        { id },
        {
          touchedOn: new Date(NOON.getTime() - minutes * 60_000).toISOString(),
        },
      ),
    );

  it('a second one has to wait; another practice has not', async () => {
    const bytes = await archive();
    await hand(bytes).expect(202);
    expect((await hand(bytes).expect(409)).body.code).toBe('under-way');
    const stranger = await signIn(world, 'elsewhere');
    await hand(bytes, stranger).expect(202);
    await work();
    await work();
    expect((await shown()).state).toBe('done');
    await hand(bytes).expect(202);
    await work();
  });

  it('what a worker gave up is in nobody’s way after a quarter of an hour', async () => {
    const bytes = await archive();
    const { id } = (await hand(bytes).expect(202)).body.restore;
    await age(id, 14);
    await hand(bytes).expect(409);
    await age(id, 16);
    const { body } = await hand(bytes).expect(202);
    expect(body.restore.id).not.toBe(id);
    expect(await state(id)).toBeNull();
    // The job of the first finds nothing to do.
    await work();
    await work();
    expect(await shown()).toMatchObject({ id: body.restore.id, state: 'done' });
  });

  it('nobody sees how far another practice is', async () => {
    await restore(await archive());
    const mine = await shown();
    expect((await shown(await signIn(world, 'elsewhere')))?.id).not.toBe(mine.id);
  });
});

describe('what is cut off', () => {
  it('goes on where it was, and counts nobody twice', async () => {
    const clients = [];
    for (let i = 0; i < 3; i++) clients.push((await everything()).client.id);
    const bytes = await archive(...clients);
    for (const id of clients) await lose(id);
    await hand(bytes).expect(202);
    let looks = 0;
    // The clock is read twice for a client: it dies in the midst of the third.
    const dying = () => {
      if (++looks === 6) throw new Error('killed');
      return NOON;
    };
    await runNext(world, 'put-back', async (data, source) => {
      await expect(putBack(source, data, dying)).rejects.toThrow('killed');
      expect((await shown()).read).toBe(2);
      await putBack(source, data, () => NOON);
    });
    const { made, known, erased, refused, read, state, clients: all } = await shown();
    expect([state, made, refused, read]).toEqual(['done', 3, 0, all]);
    expect(made + known + erased + refused).toBe(read);
  });

  it('two workers at one archive put nobody back twice', async () => {
    const { client } = await everything();
    const bytes = await archive(client.id);
    await lose(client.id);
    await hand(bytes).expect(202);
    await runNext(world, 'put-back', async (data, source) => {
      await Promise.all([putBack(source, data, () => NOON), putBack(source, data, () => NOON)]);
    });
    const { made, known, erased, refused, read, clients } = await shown();
    expect([made, refused, read]).toEqual([1, 0, clients]);
    expect(made + known + erased + refused).toBe(read);
  });

  it('an upload that ends in the middle leaves nothing, and the next one may begin', async () => {
    const server: Server = createServer(world.app).listen(0, '127.0.0.1');
    await once(server, 'listening');
    try {
      const { port } = server.address() as AddressInfo;
      const Cookie = await cookieAt(port);
      const headers = {
        Cookie,
        'X-Taxikine': '1',
        'Content-Type': 'application/zip',
        'Content-Length': 2e6,
      };
      const upload = ask({ port, host: '127.0.0.1', path: PATH, method: 'POST', headers });
      upload.on('error', () => undefined);
      upload.write(Buffer.alloc(600_000));
      await until(async () => (await own((manager) => manager.count(RestorePart))) > 0);
      expect((await shown()).state).toBe('receiving');
      upload.destroy();
      await until(
        async () =>
          (await own((manager) => manager.countBy(Restore, { state: 'receiving' }))) === 0,
      );
      expect(await own((manager) => manager.count(RestorePart))).toBe(0);
    } finally {
      server.closeAllConnections();
      await new Promise((done) => server.close(done));
    }
    expect(await restore(await archive())).toMatchObject({ state: 'done' });
  });
});

/** Signs the coach in by a line of its own. */
async function cookieAt(port: number): Promise<string> {
  const { headers } = await fetch(`http://127.0.0.1:${port}/api/v1/session`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', 'X-Taxikine': '1' },
    body: JSON.stringify({ email: 'coach@saltreach.example', password: PASSWORD }),
  });
  return headers.get('set-cookie')!.split(';')[0];
}

async function until(isSo: () => Promise<boolean>): Promise<void> {
  while (!(await isSo())) await new Promise((resolve) => setTimeout(resolve, 20));
}
