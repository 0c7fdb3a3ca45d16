import { lookup as dnsLookup } from 'node:dns';
import type { LookupFunction } from 'node:net';
import ipaddr from 'ipaddr.js';
import { Agent, fetch as undiciFetch } from 'undici';
import { Failed } from '../../core/failure.ts';
import { CONFIG } from '../config.ts';

export const FETCH_LIMITS = {
  redirects: 5,
  /** Bytes after decompression. */
  pageBytes: 8_000_000,
  documentBytes: 40_000_000,
  pictureBytes: 30_000_000,
  connectMs: 8_000,
  wholeMs: 25_000,
} as const;

/** What came back. */
export interface Fetched {
  bytes: Buffer;
  /** The Content-Type header. */
  type: string | null;
  /** Where the last redirect led. */
  address: string;
}

/** Whether an IP address is one that everybody can reach; everything else is somebody's inside. */
export function isPublic(address: string): boolean {
  if (!ipaddr.isValid(address)) return false;
  return ipaddr.process(address).range() === 'unicast';
}

/** Addresses that may be read although they are private: host:port and a path to begin with. */
export function isAllowedPrivate(url: URL, allowed: readonly string[] = CONFIG.readAllow): boolean {
  const port = url.port || (url.protocol === 'https:' ? '443' : '80');
  return allowed.some((rule) => {
    const slash = rule.indexOf('/');
    const host = slash < 0 ? rule : rule.slice(0, slash);
    const path = slash < 0 ? '/' : rule.slice(slash);
    const [name, wanted] = host.split(':');
    // An address with ".." is already resolved by URL, so the path cannot climb out.
    return (
      name === url.hostname && (wanted === undefined || wanted === port) && url.pathname.startsWith(path)
    );
  });
}

/** Name lookup that gives public addresses only; asked for again at every connection, so that a name cannot change its mind. */
const publicLookup: LookupFunction = (hostname, options, callback) => {
  dnsLookup(hostname, { ...options, all: true }, (error, found) => {
    if (error) {
      callback(error, '', 0);
      return;
    }
    const open = found.filter((a) => isPublic(a.address));
    const first = open[0];
    if (!first) {
      callback(Object.assign(new Error('private'), { code: 'EPRIVATE' }), '', 0);
      return;
    }
    if (options.all) (callback as unknown as (e: null, a: typeof open) => void)(null, open);
    else callback(null, first.address, first.family);
  });
};

const guarded = new Agent({
  connect: { lookup: publicLookup, timeout: FETCH_LIMITS.connectMs },
  maxRedirections: 0,
} as never);
const plain = new Agent({ connect: { timeout: FETCH_LIMITS.connectMs } });

/** What a writer typed, as an address; "paper.example/story" gets https. */
export function parseAddress(text: string): URL {
  const trimmed = text.trim();
  const whole =
    /^[a-z][a-z0-9+.-]*:/i.test(trimmed) && !/^[\w.-]+:\d+(\/|$)/.test(trimmed)
      ? trimmed
      : `https://${trimmed}`;
  if (!URL.canParse(whole) || /\s/.test(trimmed))
    throw new Failed({ code: 'address', text: trimmed.slice(0, 80) });
  const url = new URL(whole);
  if (url.protocol !== 'http:' && url.protocol !== 'https:')
    throw new Failed({ code: 'scheme', scheme: url.protocol.replace(':', '') });
  url.username = '';
  url.password = '';
  url.hash = '';
  return url;
}

/**
 * Fetches an address from outside: public addresses only (checked for every redirect and at every connection), with
 * limits on size, time and redirects. accept: pattern of the content types that are wanted.
 */
export async function fetchGuarded(address: string, accept: RegExp, mostBytes: number): Promise<Fetched> {
  const end = AbortSignal.timeout(FETCH_LIMITS.wholeMs);
  let url = parseAddress(address);
  for (let hop = 0; hop <= FETCH_LIMITS.redirects; hop++) {
    const allowed = isAllowedPrivate(url);
    const literal = url.hostname.replace(/^\[|\]$/g, '');
    if (!allowed && ipaddr.isValid(literal) && !isPublic(literal)) throw privateError(url);
    let response: Awaited<ReturnType<typeof undiciFetch>>;
    try {
      response = await undiciFetch(url, {
        dispatcher: allowed ? plain : guarded,
        redirect: 'manual',
        signal: end,
        headers: {
          'user-agent': 'Nabbet/1 (reads one page for its writer)',
          accept: 'text/html,application/xhtml+xml,text/plain;q=0.9,*/*;q=0.5',
          'accept-language': 'en,*;q=0.5',
        },
      });
    } catch (e) {
      throw failureAt(e as Error, url);
    }
    const location = response.headers.get('location');
    if (response.status >= 300 && response.status < 400 && location) {
      await response.body?.cancel();
      if (!URL.canParse(location, url)) throw new Failed({ code: 'bad-redirect', host: url.hostname });
      url = parseAddress(new URL(location, url).href);
      continue;
    }
    if (!response.ok) {
      await response.body?.cancel();
      throw new Failed({ code: 'refused', host: url.hostname, status: response.status });
    }
    const type = response.headers.get('content-type');
    if (type && !accept.test(type)) {
      await response.body?.cancel();
      throw new Failed({ code: 'content-kind', type: type.split(';')[0] ?? type });
    }
    return { bytes: await readBody(response, mostBytes, url), type, address: url.href };
  }
  throw new Failed({ code: 'redirects', host: url.hostname });
}

/** The body of an answer, at most so many bytes. Throws Failed 'huge', 'slow' or 'unreachable'. */
export async function readBody(
  response: Awaited<ReturnType<typeof undiciFetch>>,
  most: number,
  url: URL,
): Promise<Buffer> {
  const chunks: Buffer[] = [];
  let size = 0;
  try {
    for await (const chunk of response.body ?? []) {
      size += (chunk as Uint8Array).byteLength;
      if (size > most) throw new Failed({ code: 'huge', most });
      chunks.push(Buffer.from(chunk as Uint8Array));
    }
  } catch (e) {
    if (e instanceof Failed) throw e;
    throw failureAt(e as Error, url);
  }
  return Buffer.concat(chunks);
}

const privateError = (url: URL) => new Failed({ code: 'private', host: url.host });

function failureAt(e: Error, url: URL): Failed {
  const cause = e.cause as { code?: string } | undefined;
  const code = cause?.code ?? (e as { code?: string }).code ?? '';
  const host = url.hostname;
  if (code === 'EPRIVATE') return privateError(url);
  if (e.name === 'TimeoutError' || e.name === 'AbortError' || /TIMEOUT/.test(code))
    return new Failed({ code: 'slow', host });
  if (code === 'ENOTFOUND' || code === 'EAI_AGAIN') return new Failed({ code: 'not-found', host });
  if (/CERT|SSL|TLS/.test(code)) return new Failed({ code: 'unsafe', host, detail: code });
  return new Failed({ code: 'unreachable', host });
}
