import { createHash } from 'node:crypto';
import {
  appendFile,
  copyFile,
  mkdir,
  open,
  readdir,
  readFile,
  rename,
  rm,
  stat,
  writeFile,
} from 'node:fs/promises';
import path from 'node:path';
import type { KeptVoiceFile } from '../../api/voices.ts';
import { Failed, failureOf } from '../../core/failure.ts';
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
/** Anything louder is heard. */
const HEARD = 0.001;

/** Where files of voices wait for their other half and are tried. */
const comingFolder = (): string => dataPath('voices-coming');

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
  const names: string[] = await readdir(voicesFolder(), { recursive: true }).catch((e) => {
    if (e.code !== 'ENOENT') log.warn({ err: e }, 'the folder of the voices cannot be read');
    return [];
  });
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

/** null for files that cannot be read: one such voice does not take the others away. */
async function readModel(stem: string, size: number): Promise<OwnModel | null> {
  try {
    const text = await readFile(stem + ABOUT, 'utf8');
    const model = voiceModelOf(JSON.parse(text));
    return model && (await toldModel(stem, size, text, model));
  } catch (e) {
    log.warn({ voice: stem, err: e }, 'a voice cannot be read');
    return null;
  }
}

async function toldModel(stem: string, size: number, text: string, model: VoiceModel): Promise<OwnModel> {
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

/** A file's name without what could lead elsewhere; of names that lose letters by that, each stays one of its own. */
function plainName(name: string): string {
  const stem = path.basename(name.replaceAll('\\', '/')).replace(/(\.onnx)?(\.json)?$/i, '');
  const plain = stem.replaceAll(/[^\w-]+/g, '-').slice(0, 80);
  const hash = createHash('sha256').update(stem).digest('hex').slice(0, 6);
  return plain === stem && plain ? plain : `voice-${hash}`;
}

/**
 * Keeps one of the two files of a voice. When both are there it is tried, and takes its place among the others only if it
 * speaks; one that is there under the same name stays until then. Throws Failed (voice-file, no-room, busy).
 */
export async function keepVoiceFile(bytes: Uint8Array, name: string): Promise<KeptVoiceFile> {
  const about = bytes[0] === '{'.charCodeAt(0) || /\.json$/i.test(name);
  if (about) mustDescribe(bytes);
  else if (!isOnnx(bytes))
    throw new Failed({ code: 'voice-file', why: /\.onnx$/i.test(name) ? 'model' : 'kind' });
  await needRoom(2 * bytes.length);
  const plain = plainName(name);
  const coming = path.join(comingFolder(), plain);
  await writeWhole(coming + (about ? ABOUT : MODEL), bytes);
  const tryThis = await modelAt(coming);
  if (!tryThis) return { voices: [], wanted: plain + (about ? MODEL : ABOUT) };
  if (!(await speaks(tryThis))) {
    const files = [coming + MODEL, coming + ABOUT, ...Object.values(readyFiles(tryThis.id))];
    await Promise.all(files.map((file) => rm(file, { force: true })));
    throw new Failed({ code: 'voice-file', why: 'mute' });
  }
  const stem = path.join(voicesFolder(), plain);
  await mkdir(voicesFolder(), { recursive: true });
  for (const ending of [MODEL, ABOUT]) await rename(coming + ending, stem + ending);
  await rm(stem + AWAY, { force: true });
  return { voices: (await modelAt(stem))?.voices ?? [], wanted: null };
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

/** Whether something is heard of a voice. Throws Failed (busy) when there was no time to try it. */
async function speaks(own: OwnModel): Promise<boolean> {
  try {
    const { samples } = await voice('say', await readyModel(own), TRIED, 1);
    return samples.some((v) => Math.abs(v) > HEARD);
  } catch (e) {
    const { code } = failureOf(e);
    if (code === 'busy' || code === 'no-room') throw e;
    log.warn({ voice: own.stem, err: e }, 'a voice that was brought does not speak');
    return false;
  }
}

/** Puts the model of a voice away, or takes it back: what was spoken stays. Throws Failed (no-voice). */
export async function putAway(name: string, away: boolean): Promise<void> {
  const own = (await ownModels()).find((m) => m.voices.some((v) => v.name === name));
  if (!own) throw new Failed({ code: 'no-voice', name, voices: [] });
  if (away) await writeFile(own.stem + AWAY, '');
  else await rm(own.stem + AWAY, { force: true });
}
