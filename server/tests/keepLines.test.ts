import { Agent, createServer, get } from 'node:http';
import type { AddressInfo } from 'node:net';
import { once } from 'node:events';
import { keepLines } from '../src/http/keepLines';

it('tells who asks to leave a line open for longer than browsers and proxies do', async () => {
  const server = keepLines(createServer((_, answer) => answer.end()));
  await once(server.listen(0, '127.0.0.1'), 'listening');
  const agent = new Agent({ keepAlive: true });
  const { port } = server.address() as AddressInfo;
  const [answer] = await once(get({ port, host: '127.0.0.1', agent }), 'response');
  answer.resume();
  const [, seconds] = /timeout=(\d+)/.exec(answer.headers['keep-alive'])!;
  expect(Number(seconds)).toBeGreaterThan(90);
  expect(server.headersTimeout).toBeGreaterThan(server.keepAliveTimeout);
  agent.destroy();
  server.close();
});
