import { readdirSync } from 'node:fs';
import path from 'node:path';
import type Joi from 'joi';
import { afterAll, describe, expect, it } from 'vitest';
import * as desk from '../../api/desk.ts';
import * as destinations from '../../api/destinations.ts';
import { type AnyEndpoint, addressOf } from '../../api/endpoint.ts';
import * as material from '../../api/material.ts';
import * as music from '../../api/music.ts';
import * as pieces from '../../api/pieces.ts';
import type { Refusal } from '../../api/refusal.ts';
import * as renders from '../../api/renders.ts';
import * as reviews from '../../api/reviews.ts';
import * as shelf from '../../api/shelf.ts';
import * as sources from '../../api/sources.ts';
import * as stock from '../../api/stock.ts';
import * as voices from '../../api/voices.ts';
import { FIRST_DESTINATIONS } from '../../core/kit/destinations.ts';
import { sceneEdit } from '../../core/piece/edit.ts';
import { newDelivery } from '../../core/piece/outputs.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { CONFIG } from '../config.ts';
import { closeDatabase } from '../db/client.ts';
import type { EndpointHandler } from './route.ts';

const APP = path.join(CONFIG.root, 'src/app');
/** They stream by protocols of their own: uploads by tus, pages of the made-up web by any path. */
const OWN_PROTOCOL = ['api/uploads/[[...path]]', 'demo-web/[...path]'];

const folders = readdirSync(APP, { recursive: true, encoding: 'utf8' })
  .filter((f) => path.basename(f) === 'route.ts')
  .map((f) => path.dirname(f))
  .filter((f) => !OWN_PROTOCOL.includes(f))
  .sort();
const served: { method: string; folder: string; handler: EndpointHandler }[] = [];
for (const folder of folders) {
  const module: Record<string, unknown> = await import(path.join(APP, folder, 'route.ts'));
  for (const [method, handler] of Object.entries(module))
    if (typeof handler === 'function') served.push({ method, folder, handler: handler as EndpointHandler });
}
const endpoints = [
  desk,
  destinations,
  material,
  music,
  pieces,
  renders,
  reviews,
  shelf,
  sources,
  stock,
  voices,
]
  .flatMap((m) => Object.values(m) as unknown[])
  .filter((v): v is AnyEndpoint => typeof v === 'object' && v !== null && 'path' in v && 'access' in v);

afterAll(closeDatabase);

const NOBODY = 'nobody-1234';
/** A body that its schema takes, for every endpoint that wants one. */
const BODIES = new Map<AnyEndpoint, unknown>([
  [pieces.createPiece, { script: 'A line.', split: 'sentence', format: '9:16', voice: 'maud', mood: null }],
  [desk.filePieces, { ids: [NOBODY], state: 'draft' }],
  [desk.copyPieces, { ids: [NOBODY] }],
  [desk.keepVersion, { name: 'Before the cut' }],
  [
    pieces.appendEdits,
    {
      baseRev: 0,
      entries: [{ id: 'entry-1', kind: 'do', ref: null, edit: sceneEdit('type', 'a', { shown: 'x' }) }],
    },
  ],
  [pieces.nabPictures, { piece: piece([scene('a')]) }],
  [renders.requestRender, { pieceId: NOBODY, deliveries: [newDelivery('x')] }],
  [reviews.createReview, { days: 7, password: '' }],
  [reviews.changeReview, { withdrawn: true }],
  [reviews.answerComment, { text: 'So it is.' }],
  [reviews.settleComment, { settled: true }],
  [reviews.enterReview, { password: 'x' }],
  [reviews.addComment, { author: 'Ada', text: 'Good.', version: 1 }],
  [reviews.settleByReviewer, { settled: true }],
  [reviews.approveVersion, { author: 'Ada', version: 1 }],
  [renders.orderRenders, { ids: [NOBODY] }],
  [shelf.describePicture, { title: 'A heron' }],
  [shelf.shelvePicture, { on: true }],
  [shelf.favourPicture, { on: true }],
  [stock.takeOffer, { library: NOBODY, id: 'x', shownCents: 0 }],
  [
    sources.appendOutlineEdits,
    {
      baseRev: 0,
      entries: [
        {
          ...{ id: 'entry-1', kind: 'do', ref: null },
          edit: { name: 'choose', merge: null, ops: [{ room: 'choices', key: 'targetMs', value: 15_000 }] },
        },
      ],
    },
  ],
  [destinations.putDestinations, FIRST_DESTINATIONS],
  [music.changeTrack, { favourite: true }],
  [voices.changeVoice, { name: 'own:en:0123456789ab', away: true }],
  [
    material.askTrack,
    { source: { kind: 'brought', trackId: NOBODY, startMs: 0 }, lengthMs: 1000, steady: false },
  ],
  [material.findInRecording, { lines: [], says: [] }],
  [material.askClipSound, { assetId: NOBODY, inMs: 0, speed: 1, samples: 4800 }],
  [sources.addPhoto, { photo: 'photo-1', assetId: NOBODY, name: 'x.jpg', bytes: 1, modifiedMs: 1 }],
  [sources.removePhotos, { ids: ['photo-1'] }],
]);

/** The parameters of an endpoint, each naming nothing that there is. */
const nobody = ({ params }: AnyEndpoint): Record<string, string> =>
  Object.fromEntries(
    Object.entries((params.describe() as Joi.Description).keys ?? {}).map(([name, schema]) => [
      name,
      ((schema as Joi.Description).allow?.[0] as string | undefined) ?? NOBODY,
    ]),
  );

interface Asking {
  params?: Record<string, string>;
  body?: unknown;
  headers?: Record<string, string>;
  query?: Record<string, string>;
}
async function ask(
  { handler, method }: (typeof served)[number],
  { params = nobody(handler.endpoint), body, headers = {}, query = {} }: Asking,
): Promise<{ status: number; refusal: Refusal }> {
  const { endpoint } = handler;
  const content =
    endpoint.body === null ? undefined : typeof body === 'string' ? body : JSON.stringify(body ?? {});
  const request = new Request(`http://localhost:4300${addressOf(endpoint, params, query)}`, {
    method,
    ...(content === undefined || method === 'GET' ? {} : { body: content }),
    headers: { host: 'localhost:4300', ...headers },
  });
  const response = await handler(request, { params: Promise.resolve(params) });
  return { status: response.status, refusal: (await response.json().catch(() => ({}))) as Refusal };
}

const named = served.map((s) => [`${s.method} ${s.handler.endpoint?.path ?? s.folder}`, s] as const);
const withBody = named.filter(([, s]) => s.handler.endpoint.body && !('bytes' in s.handler.endpoint.body));
const writing = named.filter(([, s]) => s.method !== 'GET');
const aboutSomething = named.filter(
  ([, s]) =>
    Object.keys(nobody(s.handler.endpoint)).length > 0 ||
    s.handler.endpoint === renders.requestRender ||
    s.handler.endpoint === material.askClipSound,
);

describe('every endpoint', () => {
  it('is served once, by the handler at its address, and by its method', () => {
    expect(served.map((s) => s.handler.endpoint.path)).toEqual(
      served.map((s) => `/${s.folder.replace(/\[(\w+)\]/g, ':$1')}`),
    );
    expect(served.map((s) => s.handler.endpoint.method)).toEqual(served.map((s) => s.method));
    const times = endpoints.map((e) => served.filter((s) => s.handler.endpoint === e).length);
    expect(endpoints.filter((_, i) => times[i] !== 1).map((e) => `${e.method} ${e.path}`)).toEqual([]);
    expect(served).toHaveLength(endpoints.length);
  });

  it.each(writing)('%s takes nothing from other sites', async (_, s) => {
    const body = BODIES.get(s.handler.endpoint);
    for (const headers of [{ origin: 'http://evil.example' }, { 'sec-fetch-site': 'cross-site' }] as Record<
      string,
      string
    >[]) {
      const { status, refusal } = await ask(s, { headers, body });
      expect([status, refusal.failure.code]).toEqual([403, 'other-site']);
    }
  });

  it.each(withBody)(
    '%s refuses a body that is none, and one with more or other than it knows',
    async (_, s) => {
      for (const body of ['{', '"text"', '[]', 'null', '{"__proto__": {"x": 1}, "surprise": true}']) {
        const { status, refusal } = await ask(s, { body });
        expect([body, status]).toEqual([body, 400]);
        expect(refusal.error.length).toBeGreaterThan(10);
      }
    },
  );

  it.each(aboutSomething)('%s says that there is no such thing', async (_, s) => {
    const { endpoint } = s.handler;
    const { status, refusal } = await ask(s, { body: BODIES.get(endpoint) });
    expect([status, refusal.failure?.code]).toEqual([404, expect.stringMatching(/^no-/)]);
    expect(refusal.error).toMatch(/^[A-Z].*\.$/);
  });

  it.each(named.filter(([, s]) => Object.keys(nobody(s.handler.endpoint)).length > 0))(
    '%s refuses names that cannot be any',
    async (_, s) => {
      const { endpoint } = s.handler;
      for (const bad of ['x'.repeat(5000), '../../etc/passwd', '']) {
        const params = Object.fromEntries(Object.keys(nobody(endpoint)).map((k) => [k, bad]));
        const { status } = await ask(s, { params, body: BODIES.get(endpoint) });
        expect([400, 404]).toContain(status);
      }
    },
  );
});
