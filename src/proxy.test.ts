import { NextRequest } from 'next/server';
import { expect, it } from 'vitest';

const TOKEN = 'a-token.of_sixteen~letters';
process.env.NABBET_HOST = '0.0.0.0';
process.env.NABBET_TOKEN = TOKEN;
const { proxy } = await import('./proxy.ts');

const ask = (path: string, cookie = '') =>
  proxy(new NextRequest(`http://0.0.0.0:4300${path}`, { headers: { host: '10.0.0.7:4300', cookie } }));

it('asks for the token, keeps it, and takes it out of the address, which stays this server’s', async () => {
  for (const path of ['/', '/?token=wrong', '/piece/x']) {
    const r = ask(path);
    expect([r.status, await r.text()]).toEqual([401, expect.stringContaining('Access token')]);
  }
  for (const [path, location] of [
    [`/?token=${TOKEN}`, 'http://10.0.0.7:4300/'],
    [`/begin?a=1&token=${TOKEN}`, 'http://10.0.0.7:4300/begin?a=1'],
    [`//evil.example/?token=${TOKEN}`, 'http://10.0.0.7:4300/evil.example/'],
  ] as const) {
    const r = ask(path);
    // The framework takes whole addresses only.
    expect([r.status, r.headers.get('location')]).toEqual([303, location]);
    expect(r.headers.get('set-cookie')).toMatch(/^nabbet-access=a-token.*; HttpOnly; SameSite=Lax/);
  }
});

it('gives each page a policy with a nonce of its own', () => {
  const nonce = () =>
    /'nonce-([^']+)'/.exec(
      ask('/', `nabbet-access=${TOKEN}`).headers.get('content-security-policy') ?? '',
    )?.[1];
  const [one, two] = [nonce(), nonce()];
  expect(one).toMatch(/^[A-Za-z0-9+/]{22}==$/);
  expect(two).not.toBe(one);
});
