import { randomBytes } from 'node:crypto';
import { desc, eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { ReviewLink } from '../../api/reviews.ts';
import { Failed } from '../../core/failure.ts';
import { db } from '../db/client.ts';
import { pieces, reviews } from '../db/schema.ts';
import { cookieOf } from '../http/doors.ts';
import { reached } from '../pieces/states.ts';
import { oftenAs } from './often.ts';
import { hashed, isPassword, passFor, same } from './password.ts';
import { sendVersion } from './versions.ts';

export type Link = typeof reviews.$inferSelect;

/** 192 bits: nobody guesses it. */
const SECRET_BYTES = 24;
const DAY_MS = 24 * 3_600_000;

const pathOf = ({ secret }: Pick<Link, 'secret'>) => `/review/${secret}`;

/** Makes a link to a piece, and a version to watch when there is none yet. Throws Failed. */
export async function createReview(
  pieceId: string,
  { days, password }: { days: number; password: string },
): Promise<{ id: string; path: string }> {
  await sendVersion(pieceId, 'if-none');
  const now = new Date();
  const link = {
    ...{ id: nanoid(12), pieceId, secret: randomBytes(SECRET_BYTES).toString('base64url') },
    password: password ? await hashed(password) : null,
    createdAt: now,
    expiresAt: new Date(now.getTime() + days * DAY_MS),
  };
  await db().insert(reviews).values(link);
  await reached(pieceId, 'in review');
  return { id: link.id, path: pathOf(link) };
}

/** Withdraws a link, takes that back, or has it open for so many days from now. Throws Failed (no-review). */
export async function changeReview(
  id: string,
  { withdrawn, days }: { withdrawn?: boolean; days?: number },
): Promise<void> {
  const now = new Date();
  const [result] = await db()
    .update(reviews)
    .set({
      ...(withdrawn === undefined ? {} : { withdrawnAt: withdrawn ? now : null }),
      ...(days === undefined ? {} : { expiresAt: new Date(now.getTime() + days * DAY_MS) }),
    })
    .where(eq(reviews.id, id));
  if (!result.affectedRows) throw new Failed({ code: 'no-review' });
}

const stateOf = ({ withdrawnAt, expiresAt }: Link, now: Date): ReviewLink['state'] =>
  withdrawnAt ? 'withdrawn' : expiresAt <= now ? 'expired' : 'open';

/** The links of a piece, the newest first. */
export async function linksOf(pieceId: string): Promise<ReviewLink[]> {
  const rows = await db()
    .select()
    .from(reviews)
    .where(eq(reviews.pieceId, pieceId))
    .orderBy(desc(reviews.createdAt));
  const now = new Date();
  return rows.map((link) => ({
    id: link.id,
    path: pathOf(link),
    hasPassword: link.password !== null,
    state: stateOf(link, now),
    createdAt: link.createdAt.toISOString(),
    expiresAt: link.expiresAt.toISOString(),
  }));
}

/** The link with a secret, whether or not its password was given. Throws Failed when it opens nothing (any more). */
async function linkOf(secret: string): Promise<Link> {
  const [found] = await db()
    .select({ link: reviews, binnedAt: pieces.binnedAt })
    .from(reviews)
    .innerJoin(pieces, eq(pieces.id, reviews.pieceId))
    .where(eq(reviews.secret, secret));
  // The database takes capitals and small letters for the same.
  if (!found || !same(found.link.secret, secret)) throw new Failed({ code: 'no-review' });
  // What was thrown away is shown to nobody.
  const state = found.binnedAt ? 'withdrawn' : stateOf(found.link, new Date());
  if (state !== 'open') throw new Failed({ code: 'review-over', reason: state });
  return found.link;
}

const passCookie = ({ id }: Pick<Link, 'id'>) => `nabbet-review-${id}`;

/** The link that a reviewer's request comes by. Throws Failed when it opens nothing, or wants its password. */
export async function admitted(secret: string, request: Request): Promise<Link> {
  const link = await linkOf(secret);
  if (link.password === null) return link;
  const pass = cookieOf(request.headers.get('cookie'), passCookie(link));
  if (pass === null || !same(pass, passFor(link.secret, link.password)))
    throw new Failed({ code: 'review-locked' });
  return link;
}

/** The cookie for who knows the password of a link. Throws Failed for another one, and when it is tried too often. */
export async function enter(secret: string, password: string): Promise<string> {
  const link = await linkOf(secret);
  await oftenAs('password', link.id);
  if (link.password !== null && !(await isPassword(password, link.password)))
    throw new Failed({ code: 'wrong-password' });
  const seconds = Math.ceil((link.expiresAt.getTime() - Date.now()) / 1000);
  const pass = link.password === null ? '' : passFor(link.secret, link.password);
  return `${passCookie(link)}=${pass}; Path=/; HttpOnly; SameSite=Lax; Max-Age=${seconds}`;
}
