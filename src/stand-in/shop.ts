import { createServer, type Server } from 'node:http';
import path from 'node:path';
import sharp from 'sharp';
import { CONFIG } from '../server/config.ts';
import { inFolder } from '../server/stock/in-folder.ts';

/** What the shop can be made to do wrong, for tests and for trying it out. */
export interface Faults {
  /** Every answer comes after so many milliseconds. */
  slowMs: number;
  /** Every answer is status 500. */
  failing: boolean;
  /** Every search is told to wait so many seconds; 0 for none. */
  limitS: number;
  /** Answers that are no answers. */
  garbled: boolean;
}

const NONE: Faults = { slowMs: 0, failing: false, limitS: 0, garbled: false };
const MARK = 'LANTERNWORKS';

/**
 * A made-up shop for pictures, in a process of its own, that speaks what server/stock/over-http.ts asks for. Previews carry
 * its mark. POST /faults switches faults on; it listens on loopback only. Nothing is really paid.
 */
export function startShop(port: number, folder = path.join(CONFIG.root, 'library/sold')): Promise<Server> {
  const goods = inFolder('shop', 'Shop', folder);
  let faults = NONE;
  const server = createServer(async (request, response) => {
    const url = new URL(request.url ?? '/', 'http://shop.invalid');
    const say = (status: number, body: Buffer | string, type = 'application/json') => {
      response.writeHead(status, { 'content-type': type, 'content-length': Buffer.byteLength(body) });
      response.end(body);
    };
    try {
      const [, what = '', id = ''] = url.pathname.split('/').map(decodeURIComponent);
      if (what === 'faults' && request.method === 'POST') {
        faults = {
          ...NONE,
          ...Object.fromEntries([...url.searchParams].map(([k, v]) => [k, JSON.parse(v)])),
        };
        return say(200, JSON.stringify(faults));
      }
      if (faults.slowMs) await new Promise((r) => setTimeout(r, faults.slowMs));
      if (faults.failing) return say(500, '{}');
      if (faults.garbled) return say(200, '{"pictures": [{"id": "../../etc/passwd"}]');
      const signal = AbortSignal.timeout(10_000);
      if (what === 'search') {
        if (faults.limitS) {
          response.setHeader('retry-after', String(faults.limitS));
          return say(429, '{}');
        }
        const most = Math.min(50, Math.max(1, Number(url.searchParams.get('most')) || 20));
        const found = await goods.search(url.searchParams.get('words') ?? '', most, signal);
        return say(200, JSON.stringify({ pictures: found.map(({ library, ...picture }) => picture) }));
      }
      if (what === 'preview') return say(200, await marked(await goods.preview(id, signal)), 'image/webp');
      if (what === 'deliver' && request.method === 'POST')
        return say(200, await goods.deliver(id, signal), 'image/webp');
      say(404, '{}');
    } catch {
      say(404, '{}');
    }
  });
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, '127.0.0.1', () => resolve(server));
  });
}

/** A preview with the shop's mark across it. */
async function marked(picture: Buffer): Promise<Buffer> {
  const { width = 1, height = 1 } = await sharp(picture).metadata();
  const line = (y: number) =>
    `<text x="50%" y="${y}%" text-anchor="middle" font-family="sans-serif" font-weight="700" font-size="${Math.round(width / 11)}" fill="#fff" fill-opacity=".55" stroke="#000" stroke-opacity=".25" transform="rotate(-18 ${width / 2} ${height / 2})">${MARK}</text>`;
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}">${[30, 58, 86].map(line).join('')}</svg>`;
  return sharp(picture)
    .composite([{ input: Buffer.from(svg) }])
    .webp({ quality: 70 })
    .toBuffer();
}

/** Started as a program of its own: `tsx src/stand-in/shop.ts`. */
if (process.argv[1]?.endsWith('stand-in/shop.ts')) await startShop(CONFIG.shopPort);
