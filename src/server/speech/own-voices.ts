import { createHash } from 'node:crypto';
import { appendFile, copyFile, open, readdir, readFile, rm, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { KeptVoiceFile } from '../../api/voices.ts';
import { Failed } from '../../core/failure.ts';
import {
  metadataOf,
  tokensOf,
  type VoiceModel,
  voiceModelOf,
  voicesOfModel,
} from '../../core/sound/model/config.ts';
import { isOnnx, onnxProperties } from '../../core/sound/model/onnx.ts';
import type { OtherVoice } from '../../core/sound/voices.ts';
import { voice } from '../apart/apart.ts';
import type { ReadyVoice, Utterance } from '../apart/tasks.ts';
import { dataPath } from '../config.ts';
import { log } from '../log.ts';
import { makeWhole, writeWhole } from '../store/files.ts';
import { needRoom } from '../store/room.ts';
import { UnderWay } from '../store/under-way.ts';

const MODEL = '.onnx';
const ABOUT = '.onnx.json';
/** Beside a voice that was put away. */
const AWAY = '.away';
/** A voice may lie in a folder of its own, and that in one of its language. */
const DEEPEST = 3;
/** Of a model so much of its beginning and its end, and its size, tell it from others. */
const TOLD_BYTES = 65_536;
/** What a voice is tried on. */
const TRIED = 'One, two, three.';

/** Where voices are put, by hand too. */
export const voicesFolder = (): string => dataPath('voices');

/** A voice model that is here. */
export interface OwnModel {
  id: string;
  /** Without its ending. */
  stem: string;
  model: VoiceModel;
  voices: OtherVoice[];
  away: boolean;
}

const known = new Map<string, { of: string; model: OwnModel | null }>();

/** The voice models that are here, by their files' names. */
export async function ownModels(): Promise<OwnModel[]> {
  const names: string[] = await readdir(voicesFolder(), { recursive: true }).catch(() => []);
  const stems = names
    .filter((n) => n.endsWith(MODEL) && n.split(path.sep).length <= DEEPEST && names.includes(`${n}.json`))
    .map((n) => path.join(voicesFolder(), n.slice(0, -MODEL.length)))
    .sort();
  const found = await Promise.all(stems.map(modelAt));
  return found.filter((m) => m !== null);
}

async function modelAt(stem: string): Promise<OwnModel | null> {
  const [model, about] = await Promise.all([stat(stem + MODEL), stat(stem + ABOUT)]).catch(() => []);
  if (!model?.isFile() || !about?.isFile()) return null;
  const of = `${model.size} ${model.mtimeMs} ${about.size} ${about.mtimeMs}`;
  let have = known.get(stem);
  if (have?.of !== of) {
    have = { of, model: await readModel(stem, model.size) };
    known.set(stem, have);
  }
  const away = (await stat(stem + AWAY).catch(() => null)) !== null;
  return have.model && { ...have.model, away };
}

async function readModel(stem: string, size: number): Promise<OwnModel | null> {
  const text = await readFile(stem + ABOUT, 'utf8');
  let model: VoiceModel | null = null;
  try {
    model = voiceModelOf(JSON.parse(text));
  } catch (e) {
    log.warn({ voice: stem, err: e }, 'the JSON of a voice cannot be read');
  }
  if (!model) return null;
  const hash = createHash('sha256').update(text).update(String(size));
  const file = await open(stem + MODEL, 'r');
  try {
    for (const at of [0, Math.max(0, size - TOLD_BYTES)]) {
      const { buffer, bytesRead } = await file.read({ buffer: Buffer.alloc(TOLD_BYTES), position: at });
      hash.update(buffer.subarray(0, bytesRead));
    }
  } finally {
    await file.close();
  }
  const id = hash.digest('hex').slice(0, 12);
  return { id, stem, model, voices: voicesOfModel(model, id, path.basename(stem)), away: false };
}

const readyFiles = (id: string): Pick<ReadyVoice, 'file' | 'tokens'> => ({
  file: dataPath('voice-models', `${id}${MODEL}`),
  tokens: dataPath('voice-models', `${id}.txt`),
});

const preparing = new UnderWay<ReadyVoice>();

/** A model in the form in which it can be read: with the properties that are wanted of it, and a list of its sounds. */
function readyModel({ id, stem, model }: OwnModel): Promise<ReadyVoice> {
  return preparing.once(id, async () => {
    const { file, tokens } = readyFiles(id);
    if (!(await stat(tokens).catch(() => null))) {
      await needRoom((await stat(stem + MODEL)).size);
      await makeWhole(file, async (temporary) => {
        await copyFile(stem + MODEL, temporary);
        await appendFile(temporary, onnxProperties(metadataOf(model)));
      });
      await writeWhole(tokens, tokensOf(model));
    }
    const { noise, noiseOfLengths, length } = model;
    return { file, tokens, ways: { noise, noiseOfLengths, length }, speaker: 0 };
  });
}

/** Speaks with one of the own voices, by its whole name. Throws Failed (no-voice, too-heavy). */
export async function sayOwn(name: string, text: string, pace: number): Promise<Utterance> {
  const own = (await ownModels()).find((m) => m.voices.some((v) => v.name === name));
  if (!own) throw new Failed({ code: 'no-voice', name, voices: [] });
  const speaker = own.voices.findIndex((v) => v.name === name);
  return voice('say', { ...(await readyModel(own)), speaker }, text, pace);
}

/** A file's name without what could lead elsewhere. */
const plainName = (name: string): string =>
  path
    .basename(name.replaceAll('\\', '/'))
    .replace(/(\.onnx)?(\.json)?$/i, '')
    .replaceAll(/[^\w-]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 80) || 'voice';

/**
 * Keeps one of the two files of a voice; when both are there it is tried, and kept only if it speaks. Throws Failed (voice-file,
 * no-room).
 */
export async function keepVoiceFile(bytes: Uint8Array, name: string): Promise<KeptVoiceFile> {
  const about = bytes[0] === '{'.charCodeAt(0) || /\.json$/i.test(name);
  if (about) mustDescribe(bytes);
  else if (!isOnnx(bytes))
    throw new Failed({ code: 'voice-file', why: /\.onnx$/i.test(name) ? 'model' : 'kind' });
  await needRoom(2 * bytes.length);
  const stem = path.join(voicesFolder(), plainName(name));
  await writeWhole(stem + (about ? ABOUT : MODEL), bytes);
  await rm(stem + AWAY, { force: true });
  const own = await modelAt(stem);
  if (!own) return { voices: [], wanted: path.basename(stem) + (about ? MODEL : ABOUT) };
  try {
    await tried(own);
  } catch (e) {
    const files = [stem + MODEL, stem + ABOUT, ...Object.values(readyFiles(own.id))];
    await Promise.all(files.map((file) => rm(file, { force: true })));
    throw e;
  }
  return { voices: own.voices, wanted: null };
}

function mustDescribe(bytes: Uint8Array): void {
  let found: VoiceModel | null = null;
  try {
    found = voiceModelOf(JSON.parse(new TextDecoder().decode(bytes)));
  } catch {
    // No JSON at all: said below.
  }
  if (!found) throw new Failed({ code: 'voice-file', why: 'json' });
}

async function tried(own: OwnModel): Promise<void> {
  let loudest = 0;
  try {
    const { samples } = await voice('say', await readyModel(own), TRIED, 1);
    for (const v of samples) loudest = Math.max(loudest, Math.abs(v));
  } catch (e) {
    log.warn({ voice: own.stem, err: e }, 'a voice that was brought does not speak');
  }
  if (loudest < 0.001) throw new Failed({ code: 'voice-file', why: 'mute' });
}

/** Puts the model of a voice away, or takes it back: what was spoken stays. Throws Failed (no-voice). */
export async function putAway(name: string, away: boolean): Promise<void> {
  const own = (await ownModels()).find((m) => m.voices.some((v) => v.name === name));
  if (!own) throw new Failed({ code: 'no-voice', name, voices: [] });
  if (away) await writeFile(own.stem + AWAY, '');
  else await rm(own.stem + AWAY, { force: true });
}
