import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import { chmodSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import ipaddr from 'ipaddr.js';
import { CONFIG, dataPath } from '../config.ts';

/** What decides who may come in: where the server listens, its names, and the token that is asked for beyond loopback. */
export interface Doors {
  host: string;
  port: number;
  names: readonly string[];
  /** null: everybody on this machine may come in. */
  token: string | null;
}

/** The cookie that keeps the token. */
export const TOKEN_COOKIE = 'nabbet-access';
/** The parameter by which the token comes in the first time. */
export const TOKEN_PARAMETER = 'token';

export function isLoopback(host: string): boolean {
  if (host === 'localhost') return true;
  return isIP(host) !== 0 && ipaddr.process(host).range() === 'loopback';
}

/**
 * Whether a Host header (RFC 9110 7.2) names this server: a page of another name that resolves to this machine must not be
 * taken for it. An address cannot be made to resolve to something else, so beyond loopback every address is right.
 */
export function isServed(hostHeader: string, { host, names }: Doors): boolean {
  const url = `http://${hostHeader}`;
  if (!URL.canParse(url)) return false;
  const asked = new URL(url).hostname.replace(/^\[|\]$/g, '').toLowerCase();
  if (names.includes(asked) || asked === host.toLowerCase()) return true;
  if (isLoopback(asked)) return true;
  return !isLoopback(host) && isIP(asked) !== 0;
}

const digest = (text: string) => createHash('sha256').update(text).digest();
export const isToken = (given: string | null | undefined, { token }: Doors): boolean =>
  token === null || (typeof given === 'string' && timingSafeEqual(digest(given), digest(token)));

/** A cookie's value out of a Cookie header. */
export const cookieOf = (header: string | null, name: string): string | null =>
  (header ?? '')
    .split(';')
    .map((part) => part.trim())
    .find((part) => part.startsWith(`${name}=`))
    ?.slice(name.length + 1) ?? null;

export type Admission = 'in' | 'other-host' | 'no-access';

/** Whether a request may come in at all. A header without Host is none that a browser sends. */
export function admission(headers: Headers, doors: Doors = ourDoors()): Admission {
  const host = headers.get('host');
  if (host !== null && !isServed(host, doors)) return 'other-host';
  return isToken(cookieOf(headers.get('cookie'), TOKEN_COOKIE), doors) ? 'in' : 'no-access';
}

let doors: Doors | null = null;
/** The doors of this installation, read once. */
export function ourDoors(): Doors {
  doors ??= { ...CONFIG, token: isLoopback(CONFIG.host) ? null : accessToken() };
  return doors;
}

/** What can stand in an address and in a cookie as it is. */
const TOKEN = /^[A-Za-z0-9._~-]{16,200}$/;

const tokenFile = () => dataPath('access-token');

/** The token of this installation: NABBET_TOKEN, or the one made at the first start beyond loopback. Throws without one. */
function accessToken(): string {
  const token = process.env.NABBET_TOKEN ?? readFileSync(tokenFile(), 'utf8').trim();
  if (!TOKEN.test(token))
    throw new Error('The access token has fewer than 16 letters, or others than A to Z, digits, and . _ ~ -');
  return token;
}

/** Makes the token of this installation if it has none. */
export function provideToken(): string {
  try {
    return accessToken();
  } catch (e) {
    if (process.env.NABBET_TOKEN !== undefined || (e as NodeJS.ErrnoException).code !== 'ENOENT') throw e;
    writeFileSync(tokenFile(), randomBytes(24).toString('base64url'), { mode: 0o600 });
    chmodSync(tokenFile(), 0o600);
    return accessToken();
  }
}
