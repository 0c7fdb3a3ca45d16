import { mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import type { Server } from 'node:http';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { failureOf } from '../../core/failure.ts';
import { plainVoice } from '../../core/piece/types.ts';
import type { OtherVoice } from '../../core/sound/voices.ts';
import { SAMPLE_RATE } from '../../core/time.ts';
import { type SmallVoice, smallVoice } from '../../stand-in/small-voice.ts';
import { startSpeakers } from '../../stand-in/speakers.ts';
import { closeApart } from '../apart/apart.ts';
import { readWav } from '../sound/wav.ts';
import { others, otherVoices, voiceList } from './other-voices.ts';
import { keepVoiceFile, ownModels, putAway, voicesFolder } from './own-voices.ts';
import { knownTake, takeFile, takeOf } from './takes.ts';
import { sayServed, type VoiceService, voiceService } from './voice-services.ts';

const LINE = 'Every morning at six the ferry leaves, and 40 people wait.';
const code = (work: Promise<unknown>) =>
  work.then(
    () => null,
    (e) => failureOf(e),
  );
const bring = async (voice: SmallVoice, stem: string) => {
  await keepVoiceFile(Buffer.from(voice.json), `${stem}.onnx.json`);
  return keepVoiceFile(voice.onnx, `${stem}.onnx`);
};

beforeAll(() => rm(voicesFolder(), { recursive: true, force: true }));
afterAll(closeApart);

describe('a voice model that is brought', () => {
  let tin: OtherVoice;

  it('is kept in two files, in any order, tried, and offered', async () => {
    const voice = smallVoice();
    expect(await keepVoiceFile(voice.onnx, 'C:\\voices\\en_US-tin-x_low.onnx')).toEqual({
      voices: [],
      wanted: 'en_US-tin-x_low.onnx.json',
    });
    expect(await ownModels()).toEqual([]);
    const { voices, wanted } = await keepVoiceFile(Buffer.from(voice.json), 'en_US-tin-x_low.onnx.json');
    expect(wanted).toBeNull();
    tin = voices[0] as OtherVoice;
    expect(tin).toMatchObject({ label: 'Tin', language: 'en' });
    expect(await otherVoices()).toContainEqual(tin);
  });

  it('speaks a line once, at its pace, and each word is found where it is said', async () => {
    const wanted = { text: LINE, voice: plainVoice(tin.name), says: [], recorded: null };
    const take = await takeOf(wanted);
    expect(await knownTake(take.key)).toEqual(take);
    const written = take.words.map((w) => LINE.slice(w.start, w.end));
    expect(written.join(' ')).toBe(LINE);
    const samples = readWav(await readFile(takeFile(take.key) as string)).channels[0] as Float32Array;
    expect(samples.length).toBe(take.samples);
    // This voice is silent for a while between words: each begins where such a while ends.
    const quiet = (fromMs: number, toMs: number) => {
      const at = (ms: number) => Math.max(0, Math.round((ms * SAMPLE_RATE) / 1000));
      return samples.subarray(at(fromMs), at(toMs)).some((v) => Math.abs(v) < 1e-3);
    };
    const missed = take.words.filter((w) => !quiet(w.startMs - 120, w.startMs + 60));
    expect(missed.length).toBeLessThanOrEqual(1);
    const quick = await takeOf({ ...wanted, voice: { ...wanted.voice, pace: 1.4 } });
    expect(quick.samples / take.samples).toBeGreaterThan(0.62);
    expect(quick.samples / take.samples).toBeLessThan(0.82);
  });

  it('is found too when it is laid into the folder by hand, one deeper, and forgotten when it is taken out', async () => {
    const folder = path.join(voicesFolder(), 'de', 'blech');
    await mkdir(folder, { recursive: true });
    const { onnx, json } = smallVoice({ name: 'blech', sounds: 'de' });
    await writeFile(path.join(folder, 'blech.onnx'), onnx);
    await writeFile(path.join(folder, 'blech.onnx.json'), json);
    const found = (await otherVoices()).find((v) => v.label === 'Blech') as OtherVoice;
    expect(found.language).toBe('de');
    const { words } = await others.speak('Das Boot fährt um sechs.', plainVoice(found.name), []);
    expect(words).toHaveLength(5);
    await rm(folder, { recursive: true });
    expect((await otherVoices()).some((v) => v.label === 'Blech')).toBe(false);
    expect(await code(others.speak('Noch etwas.', plainVoice(found.name), []))).toMatchObject({
      code: 'no-voice',
    });
  });

  it('of a language that nobody else speaks has its words shared out over what is heard', async () => {
    const { voices } = await bring(smallVoice({ name: 'ada', sounds: 'eo' }), 'eo-ada');
    const text = 'La boato foriras je la sesa.';
    const { samples, words } = await others.speak(text, plainVoice(voices[0]?.name ?? ''), []);
    expect(words.map((w) => text.slice(w.start, w.end)).join(' ')).toBe(text);
    expect(words.at(-1)?.endMs).toBeLessThanOrEqual((samples.length * 1000) / SAMPLE_RATE);
    for (const [i, w] of words.entries()) expect(w.startMs).toBeGreaterThanOrEqual(words[i - 1]?.endMs ?? 0);
  });

  it('is put away and offered again, and what names it speaks on meanwhile', async () => {
    await putAway(tin.name, true);
    expect(await otherVoices()).not.toContainEqual(tin);
    expect((await voiceList()).own).toContainEqual({ ...tin, away: true });
    expect(await code(others.speak('Still here.', plainVoice(tin.name), []))).toBeNull();
    await putAway(tin.name, false);
    expect(await otherVoices()).toContainEqual(tin);
    expect(await code(putAway('own:en:000000000000', true))).toMatchObject({ code: 'no-voice' });
  });

  it('is refused, with the reason, when it is something else, damaged, or says nothing', async () => {
    const { onnx, json } = smallVoice({ name: 'bad' });
    const refused = async (bytes: Uint8Array, name: string, why: string) =>
      expect(await code(keepVoiceFile(bytes, name)), name).toEqual({ code: 'voice-file', why });
    await refused(Buffer.from('RIFF'), 'a.wav', 'kind');
    await refused(onnx.subarray(0, 5000), 'bad.onnx', 'model');
    await refused(Buffer.from('{"audio": {}}'), 'bad.onnx.json', 'json');
    await refused(Buffer.from('no json'), 'bad.onnx.json', 'json');
    await keepVoiceFile(Buffer.from(json), 'bad.onnx.json');
    // A graph, but no voice's; and one whose sounds are all silence.
    const other = Buffer.from(onnx);
    other.write('XXXX', other.indexOf('Compress'));
    await refused(other, 'bad.onnx', 'mute');
    expect((await ownModels()).some((m) => m.model.title === 'bad')).toBe(false);
    // What was there under the same name is still there, and speaks.
    const good = (await bring(smallVoice({ name: 'good' }), 'good')).voices[0] as OtherVoice;
    await keepVoiceFile(Buffer.from(json), 'good.onnx.json');
    await refused(other, 'good.onnx', 'mute');
    expect(await otherVoices()).toContainEqual(good);
    expect(await code(others.speak('Good still.', plainVoice(good.name), []))).toBeNull();
  });

  it('keeps its own name where a name has letters that files here have not', async () => {
    const [first, second] = [
      await bring(smallVoice({ name: 'eins' }), '声'),
      await bring(smallVoice({ name: 'zwei' }), '音'),
    ];
    expect([first, second].map((k) => k.voices[0]?.label)).toEqual(['Eins', 'Zwei']);
    const here = await otherVoices();
    for (const k of [first, second]) expect(here).toContainEqual(k.voices[0]);
  });

  it('takes no other away when it cannot be read', async () => {
    await mkdir(path.join(voicesFolder(), 'odd.onnx.json'), { recursive: true });
    await writeFile(path.join(voicesFolder(), 'odd.onnx'), 'x');
    await writeFile(path.join(voicesFolder(), 'half.onnx'), 'x');
    await writeFile(path.join(voicesFolder(), 'half.onnx.json'), '{"audio": ');
    expect(await otherVoices()).toContainEqual(tin);
  });
});

describe('a service that speaks', () => {
  let server: Server;
  let service: VoiceService;
  const address = (s: Server) => `http://127.0.0.1:${(s.address() as AddressInfo).port}`;
  beforeAll(async () => {
    server = await startSpeakers(0);
    service = voiceService('osier', 'Osier Speakers', address(server));
  });
  afterAll(() => server.close());

  it('offers its voices and speaks with them; slower is longer', async () => {
    const voices = await service.voices();
    expect(voices.map((v) => v.label)).toEqual(['Edda', 'Wilf']);
    const say = (pace: number) => sayServed(voices[0]?.name ?? '', LINE, pace, [service]);
    const [plain, slow] = [await say(1), await say(0.7)];
    expect(plain.samples.length / plain.rate).toBeGreaterThan(2);
    expect(slow.samples.length).toBeGreaterThan(1.2 * plain.samples.length);
  });

  it('says so when it fails, and keeps the voices that it had', async () => {
    await fetch(`${address(server)}/faults?failing=true`, { method: 'POST' });
    const name = (await service.voices())[0]?.name ?? '';
    expect(await code(sayServed(name, LINE, 1, [service]))).toEqual({
      code: 'no-service',
      name: 'Osier Speakers',
    });
    expect(await voiceService('x', 'X', address(server)).voices()).toEqual([]);
    expect(await voiceService('x', 'X', 'http://127.0.0.1:1').voices()).toEqual([]);
    expect(await code(sayServed(name, LINE, 1, []))).toMatchObject({ code: 'no-voice' });
    await fetch(`${address(server)}/faults?failing=false`, { method: 'POST' });
    expect(await code(sayServed(name, LINE, 1, [service]))).toBeNull();
  });

  it('is not believed: lists that are none, sound that is none', async () => {
    const liar = createServer((request, response) =>
      response.end(
        request.url === '/voices'
          ? '{"voices": [{"id": "../x", "name": "X", "language": "en"}]}'
          : 'no sound',
      ),
    );
    await new Promise<void>((r) => liar.listen(0, '127.0.0.1', r));
    const lying = voiceService('liar', 'Liar', address(liar));
    expect(await lying.voices()).toEqual([]);
    expect(await code(lying.say('a', LINE, 1))).toMatchObject({ code: 'voice-answer' });
    liar.close();
  });
});
