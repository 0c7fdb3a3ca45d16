import { createHmac, randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';

const derive = promisify<string, Buffer, number, Buffer>(scrypt);
const KEY_BYTES = 32;

/** What is kept of a password: "salt:hash" (scrypt, RFC 7914), in base64url. */
export async function hashed(password: string, salt = randomBytes(16)): Promise<string> {
  const key = await derive(password.normalize('NFKC'), salt, KEY_BYTES);
  return `${salt.toString('base64url')}:${key.toString('base64url')}`;
}

export async function isPassword(given: string, kept: string): Promise<boolean> {
  const salt = Buffer.from(kept.split(':')[0] ?? '', 'base64url');
  return same(await hashed(given, salt), kept);
}

/** What a browser keeps once the password was given: it stands for this password of this link alone. */
export const passFor = (secret: string, kept: string): string =>
  createHmac('sha256', kept).update(secret).digest('base64url');

/** Compares in a time that does not tell where two texts differ. */
export function same(a: string, b: string): boolean {
  const [left, right] = [Buffer.from(a), Buffer.from(b)];
  return left.length === right.length && timingSafeEqual(left, right);
}
