import request from 'supertest';
import { PASSWORD, useWorld, world } from './world';

const SIGN_IN = { email: 'coach@saltreach.example', password: PASSWORD };

const signIn = () =>
  request(world.app).post('/api/v1/session').set('X-Taxikine', '1').send(SIGN_IN).expect(201);

const sessionWith = (cookie: string) =>
  request(world.app).get('/api/v1/session').set('Cookie', cookie);

describe.each([
  [false, 'taxikine_session'],
  [true, '__Host-taxikine_session'],
])('with secure cookies %p', (secure, name) => {
  useWorld({ secure });

  it('the session lies in a cookie of this host alone', async () => {
    const [cookie] = (await signIn()).headers['set-cookie'];
    const [pair, ...attributes] = cookie.split('; ');
    const kept = attributes.filter((one: string) => !/^(Max-Age|Expires)=/.test(one)).sort();
    expect(pair).toMatch(new RegExp(`^${name}=[\\w-]{43}$`));
    expect(kept).toEqual(
      ['HttpOnly', 'Path=/', 'SameSite=Strict', ...(secure ? ['Secure'] : [])].sort(),
    );
  });

  it('the cookie of that name lets in, and no other', async () => {
    const token = (await signIn()).headers['set-cookie'][0].split('; ')[0].split('=')[1];
    await sessionWith(`${name}=${token}`).expect(200);
    const other = secure ? 'taxikine_session' : '__Host-taxikine_session';
    await sessionWith(`${other}=${token}`).expect(401);
  });

  it('signing out takes the very cookie away', async () => {
    const cookie = (await signIn()).headers['set-cookie'][0].split('; ')[0];
    const { headers } = await request(world.app)
      .delete('/api/v1/session')
      .set({ Cookie: cookie, 'X-Taxikine': '1' })
      .expect(204);
    expect(headers['set-cookie'][0]).toMatch(
      new RegExp(`^${name}=; Path=/; Expires=Thu, 01 Jan 1970`),
    );
    expect(/; Secure/.test(headers['set-cookie'][0])).toBe(secure);
  });

  it.each(['/health', '/api/v1/session', '/api/v1/nothing', '/api/v1/openapi.json'])(
    '%s says where a page may have anything from, and what it may do',
    async (path) => {
      const { headers } = await request(world.app).get(path);
      const sources = headers['content-security-policy'].split(';');
      expect(sources).toContain("default-src 'none'");
      expect(sources).toContain("script-src 'self'");
      expect(sources.includes('upgrade-insecure-requests')).toBe(secure);
      expect(headers['content-security-policy']).not.toMatch(/https?:|\*|unsafe-eval/);
      expect(headers['permissions-policy']).toMatch(/(^|, )camera=\(self\)/);
      expect(headers['permissions-policy']).toMatch(/(^|, )microphone=\(\)/);
      expect(headers['strict-transport-security'] !== undefined).toBe(secure);
      expect(headers['x-content-type-options']).toBe('nosniff');
      expect(headers['referrer-policy']).toBe('no-referrer');
      expect(headers['x-powered-by']).toBeUndefined();
    },
  );
});
