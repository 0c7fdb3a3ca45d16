import { lookup as dnsLookup } from 'node:dns';
import type { LookupFunction } from 'node:net';
import ipaddr from 'ipaddr.js';
import { Agent, fetch as undiciFetch } from 'undici';
import { CONFIG } from '../config.ts';
import { PASTE_INSTEAD, ReadError } from './errors.ts';

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
    throw new ReadError(
      'address',
      `“${trimmed.slice(0, 80)}” is no address. It should look like https://paper.example/story.`,
    );
  const url = new URL(whole);
  if (url.protocol !== 'http:' && url.protocol !== 'https:')
    throw new ReadError(
      'address',
      `Only http and https addresses can be read, not ${url.protocol.replace(':', '')}. ${PASTE_INSTEAD}`,
    );
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
      throw reason(e as Error, url);
    }
    const location = response.headers.get('location');
    if (response.status >= 300 && response.status < 400 && location) {
      await response.body?.cancel();
      if (!URL.canParse(location, url))
        throw new ReadError(
          'redirects',
          `${url.hostname} leads to an address that is none. ${PASTE_INSTEAD}`,
        );
      url = parseAddress(new URL(location, url).href);
      continue;
    }
    if (!response.ok) {
      await response.body?.cancel();
      throw new ReadError('refused', refusal(response.status, url.hostname));
    }
    const type = response.headers.get('content-type');
    if (type && !accept.test(type)) {
      await response.body?.cancel();
      throw new ReadError(
        'kind',
        `This address leads to ${type.split(';')[0]}, not to a page that can be read. ${PASTE_INSTEAD}`,
      );
    }
    return { bytes: await readBody(response, mostBytes, url), type, address: url.href };
  }
  throw new ReadError(
    'redirects',
    `${url.hostname} leads from one address to the next without end. ${PASTE_INSTEAD}`,
  );
}

async function readBody(
  response: Awaited<ReturnType<typeof undiciFetch>>,
  most: number,
  url: URL,
): Promise<Buffer> {
  const chunks: Buffer[] = [];
  let size = 0;
  try {
    for await (const chunk of response.body ?? []) {
      size += (chunk as Uint8Array).byteLength;
      if (size > most)
        throw new ReadError(
          'huge',
          `This is larger than ${Math.round(most / 1e6)} MB, which is too much to read. ${PASTE_INSTEAD}`,
        );
      chunks.push(Buffer.from(chunk as Uint8Array));
    }
  } catch (e) {
    if (e instanceof ReadError) throw e;
    throw reason(e as Error, url);
  }
  return Buffer.concat(chunks);
}

const privateError = (url: URL) =>
  new ReadError(
    'private',
    `${url.host} is an address inside a private network, and those are not read. ${PASTE_INSTEAD} (Whoever runs this Nabbet can allow it with NABBET_READ_ALLOW=${url.host}.)`,
  );

function reason(e: Error, url: URL): ReadError {
  const cause = e.cause as { code?: string } | undefined;
  const code = cause?.code ?? (e as { code?: string }).code ?? '';
  if (code === 'EPRIVATE') return privateError(url);
  if (e.name === 'TimeoutError' || e.name === 'AbortError' || /TIMEOUT/.test(code))
    return new ReadError(
      'slow',
      `${url.hostname} did not answer in time. Try again later, or paste the text here.`,
    );
  if (code === 'ENOTFOUND' || code === 'EAI_AGAIN')
    return new ReadError(
      'unreachable',
      `${url.hostname} cannot be found. Check the address, or paste the text here.`,
    );
  if (/CERT|SSL|TLS/.test(code))
    return new ReadError(
      'unreachable',
      `The connection to ${url.hostname} is not safe (${code}). ${PASTE_INSTEAD}`,
    );
  return new ReadError(
    'unreachable',
    `${url.hostname} cannot be reached. Check the address, or paste the text here.`,
  );
}

function refusal(status: number, host: string): string {
  if (status === 404 || status === 410)
    return `There is no such page on ${host} (${status}). Check the address.`;
  if (status === 401 || status === 403 || status === 402)
    return `${host} does not let this page be read without signing in (${status}). ${PASTE_INSTEAD}`;
  if (status === 429)
    return `${host} has been asked too often (429). Try again later, or paste the text here.`;
  return `${host} answered with an error (${status}). Try again later, or paste the text here.`;
}
