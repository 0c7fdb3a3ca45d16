import { mkdirSync, rmSync, statSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { CONFIG, dataPath } from '../config.ts';
import { admission, type Doors, isLoopback, isServed, provideToken, TOKEN_COOKIE } from './doors.ts';

const here: Doors = { host: '127.0.0.1', port: 4300, names: [], token: null };
const wide: Doors = {
  host: '0.0.0.0',
  port: 4300,
  names: ['nabbet.office.example'],
  token: 'a token of sixteen',
};
const headers = (host: string, cookie?: string) => new Headers(cookie ? { host, cookie } : { host });

describe('whom the server takes itself to be', () => {
  it('is this machine by any of its own names, and no page of another name that leads here', () => {
    for (const host of ['127.0.0.1:4300', 'localhost:4300', 'LOCALHOST', '[::1]:4300', '127.8.8.8'])
      expect(isServed(host, here), host).toBe(true);
    for (const host of [
      'evil.example:4300',
      'localhost.evil.example',
      '127.0.0.1.evil.example',
      '10.0.0.7',
      '',
      'a b',
    ])
      expect(isServed(host, here), host).toBe(false);
  });
  it('is every address and its own names when it listens to others', () => {
    for (const host of ['10.0.0.7:4300', '[fe80::1]', 'Nabbet.Office.example:80', 'localhost:4300'])
      expect(isServed(host, wide), host).toBe(true);
    for (const host of ['evil.example', 'office.example']) expect(isServed(host, wide), host).toBe(false);
  });
  it('knows loopback in all its forms', () => {
    for (const host of ['localhost', '127.0.0.1', '127.255.0.3', '::1', '::ffff:127.0.0.1'])
      expect(isLoopback(host), host).toBe(true);
    for (const host of ['0.0.0.0', '::', '192.168.1.4', 'localhost.example'])
      expect(isLoopback(host), host).toBe(false);
  });
});

describe('who may come in', () => {
  it('is everybody on this machine, and beyond it who has the token', () => {
    expect(admission(headers('localhost:4300'), here)).toBe('in');
    expect(admission(headers('evil.example'), here)).toBe('other-host');
    expect(admission(headers('10.0.0.7'), wide)).toBe('no-access');
    expect(admission(headers('10.0.0.7', `a=1; ${TOKEN_COOKIE}=${wide.token}`), wide)).toBe('in');
    for (const cookie of [
      `${TOKEN_COOKIE}=`,
      `${TOKEN_COOKIE}=a token of sixteeN`,
      `x${TOKEN_COOKIE}=${wide.token}`,
    ])
      expect(admission(headers('10.0.0.7', cookie), wide), cookie).toBe('no-access');
    expect(admission(headers('evil.example', `${TOKEN_COOKIE}=${wide.token}`), wide)).toBe('other-host');
  });
});

describe('the access token', () => {
  it('is made once, only its owner can read it, and one that is set must be a safe one', () => {
    mkdirSync(CONFIG.data, { recursive: true });
    rmSync(dataPath('access-token'), { force: true });
    const made = provideToken();
    expect(made).toMatch(/^[A-Za-z0-9_-]{32}$/);
    expect(provideToken()).toBe(made);
    expect(statSync(dataPath('access-token')).mode & 0o777).toBe(0o600);
    try {
      for (const bad of ['', 'short', 'sixteen letters; x=1', 'sechzehn-Zeichen-ä']) {
        process.env.NABBET_TOKEN = bad;
        expect(provideToken, bad).toThrow(/access token/);
      }
      process.env.NABBET_TOKEN = 'a-token.of_sixteen~';
      expect(provideToken()).toBe('a-token.of_sixteen~');
    } finally {
      delete process.env.NABBET_TOKEN;
    }
  });
});
