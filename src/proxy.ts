import { randomBytes } from 'node:crypto';
import { type NextRequest, NextResponse } from 'next/server';
import { admission, isToken, ourDoors, TOKEN_COOKIE, TOKEN_PARAMETER } from './server/http/doors.ts';
import { failureWords } from './wording/failures.ts';

/** Pages only: handlers ask at the doors themselves, and what is built is nobody's. */
export const config = {
  matcher: ['/((?!api/|media/|demo-web/|_next/static/|fonts/|data/|icon.svg).*)'],
};

const YEAR_S = 365 * 24 * 3600;

/** Turns away who may not come in, and gives each page a policy by which only its own scripts run. */
export function proxy(request: NextRequest): Response {
  const admitted = admission(request.headers);
  if (admitted === 'other-host') return said(failureWords({ code: 'other-host' }), 421);
  // A reviewer's page is an empty frame until its link is asked for.
  if (admitted === 'no-access' && !request.nextUrl.pathname.startsWith('/review/')) return enter(request);
  const nonce = randomBytes(16).toString('base64');
  const policy = pagePolicy(nonce);
  const headers = new Headers(request.headers);
  // The framework puts the nonce of this header on its own scripts.
  headers.set('Content-Security-Policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', policy);
  return response;
}

/** Styles are made at run time by the component library, so they may stand in the page; scripts may not. */
const pagePolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "media-src 'self' blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "frame-ancestors 'none'",
    "base-uri 'none'",
    "form-action 'self'",
  ].join('; ');

/** The token came along: it is kept and taken out of the address. Otherwise it is asked for. */
function enter(request: NextRequest): Response {
  const url = request.nextUrl.clone();
  const given = url.searchParams.get(TOKEN_PARAMETER);
  if (!isToken(given, ourDoors())) return said(failureWords({ code: 'no-access' }), 401, ENTER_FORM);
  url.searchParams.delete(TOKEN_PARAMETER);
  // By the name under which it was asked, which is known to be ours; two slashes would lead to another site.
  const here = `/${url.pathname.replace(/^[/\\]+/, '')}${url.search}`;
  const location = new URL(here, `${url.protocol}//${request.headers.get('host') ?? url.host}`).href;
  const response = new Response(null, { status: 303, headers: { Location: location } });
  response.headers.set(
    'Set-Cookie',
    `${TOKEN_COOKIE}=${given}; Path=/; HttpOnly; SameSite=Lax; Max-Age=${YEAR_S}`,
  );
  return response;
}

const ENTER_FORM = `<form method="get" action="/"><label>Access token <input name="${TOKEN_PARAMETER}" type="password" autocomplete="off" required></label> <button>Enter</button></form>`;

const said = (text: string, status: number, form = ''): Response =>
  new Response(
    `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Nabbet</title><body style="font: 16px/1.5 sans-serif; max-width: 34em; margin: 4em auto; padding: 0 1em"><h1>Nabbet</h1><p>${text}</p>${form}</body></html>`,
    {
      status,
      headers: {
        'Content-Type': 'text/html; charset=utf-8',
        'Content-Security-Policy':
          "default-src 'none'; style-src 'unsafe-inline'; form-action 'self'; frame-ancestors 'none'",
      },
    },
  );
