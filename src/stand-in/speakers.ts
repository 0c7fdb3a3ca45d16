import { randomUUID } from 'node:crypto';
import { readFile, rm } from 'node:fs/promises';
import { createServer, type IncomingMessage, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Joi from 'joi';
import { CONFIG, dataPath } from '../server/config.ts';
import { run } from '../server/program.ts';

/** Who speaks here: by what eSpeak NG calls the way of speaking and the throat. */
const SPEAKERS = [
  {
    id: 'edda',
    name: 'Edda',
    language: 'en',
    about: 'a woman, British',
    sounds: 'en-gb',
    throat: 'f4',
  },
  { id: 'wilf', name: 'Wilf', language: 'en', about: 'a man, British', sounds: 'en-gb', throat: 'm7' },
] as const;

const WORDS_PER_MINUTE = 165;
const MOST_BYTES = 40_000;

const ask = Joi.object<{ voice: string; text: string; pace: number }>({
  voice: Joi.valid(...SPEAKERS.map((s) => s.id)).required(),
  text: Joi.string().trim().min(1).max(8000).required(),
  pace: Joi.number().min(0.4).max(2.5).default(1),
});

/**
 * A made-up service that speaks, in a process of its own, as server/speech/voice-services.ts asks for it. It listens on
 * loopback only. POST /faults?failing=true makes it fail.
 */
export function startSpeakers(port: number): Promise<Server> {
  let failing = false;
  const server = createServer(async (request, response) => {
    const say = (status: number, body: Buffer | string, type = 'application/json') => {
      response.writeHead(status, { 'content-type': type, 'content-length': Buffer.byteLength(body) });
      response.end(body);
    };
    try {
      const url = new URL(request.url ?? '/', 'http://speakers.invalid');
      const what = `${request.method} ${url.pathname}`;
      if (what === 'POST /faults') {
        failing = url.searchParams.get('failing') === 'true';
        return say(200, '{}');
      }
      if (failing) return say(500, '{}');
      if (what === 'GET /voices')
        return say(200, JSON.stringify({ voices: SPEAKERS.map(({ sounds, throat, ...s }) => s) }));
      if (what !== 'POST /say') return say(404, '{}');
      const { value, error } = ask.validate(JSON.parse(await textOf(request)));
      return error
        ? say(400, JSON.stringify({ error: error.message }))
        : say(200, await spoken(value), 'audio/wav');
    } catch {
      say(400, '{}');
    }
  });
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, '127.0.0.1', () => resolve(server));
  });
}

async function textOf(request: IncomingMessage): Promise<string> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of request as AsyncIterable<Buffer>) {
    size += part.length;
    if (size > MOST_BYTES) throw new Error('too much');
    parts.push(part);
  }
  return Buffer.concat(parts).toString('utf8');
}

async function spoken({ voice, text, pace }: { voice: string; text: string; pace: number }): Promise<Buffer> {
  const { sounds, throat } = SPEAKERS.find((s) => s.id === voice) ?? SPEAKERS[0];
  const file = path.join(tmpdir(), `nabbet-speakers-${randomUUID()}.wav`);
  try {
    await run(
      dataPath('bin', 'espeak-words'),
      [sounds, throat, file, String(Math.round(WORDS_PER_MINUTE * pace))],
      { input: text, timeoutMs: 30_000 },
    );
    return await readFile(file);
  } finally {
    await rm(file, { force: true });
  }
}

/** Started as a program of its own: `tsx src/stand-in/speakers.ts`. */
if (process.argv[1]?.endsWith('stand-in/speakers.ts')) await startSpeakers(CONFIG.speakerPort);
