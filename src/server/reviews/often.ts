import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { Failed } from '../../core/failure.ts';

/** How often something may be done by one link: points within so many seconds. */
const LIMITS = {
  /** A guess of a password. */
  password: new RateLimiterMemory({ points: 10, duration: 60 }),
  /** A comment, an approval, a settling: twenty people who write at once. */
  writing: new RateLimiterMemory({ points: 240, duration: 60 }),
} as const;

/** Counts one more. Throws Failed (too-often) beyond what is allowed. */
export async function oftenAs(what: keyof typeof LIMITS, link: string): Promise<void> {
  try {
    await LIMITS[what].consume(link);
  } catch (e) {
    if (e instanceof RateLimiterRes)
      throw new Failed({ code: 'too-often', waitS: Math.max(1, Math.ceil(e.msBeforeNext / 1000)) });
    throw e;
  }
}
