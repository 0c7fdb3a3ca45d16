import { describe, expect, it } from 'vitest';
import { plainVoice } from '../../core/piece/types.ts';
import { integratedLoudness, truePeak } from '../../core/sound/loudness.ts';
import { VOICES } from '../../core/sound/voices.ts';
import { SAMPLE_RATE } from '../../core/time.ts';
import { engineOf } from './engines.ts';
import { espeak } from './espeak.ts';

/** A line of 12 words or so in each language. */
const LINES: Record<string, string> = {
  es: 'Los jueves, cinco vecinos abren la vieja caseta y arreglan 12 radios.',
  fr: 'Le jeudi, cinq voisins ouvrent l’ancien hangar et réparent 12 radios.',
  de: 'Am Donnerstag öffnen fünf Nachbarn das alte Bootshaus: 12 Radios, „für alle“.',
  it: 'Il giovedì cinque vicini aprono la vecchia rimessa e riparano 12 radio.',
  pt: 'Na quinta-feira, cinco vizinhos abrem o velho barracão e consertam 12 rádios.',
  nl: 'Op donderdag openen vijf buren het oude boothuis en maken 12 radio’s.',
  pl: 'W czwartek pięciu sąsiadów otwiera stary hangar i naprawia 12 radioodbiorników.',
  cs: 'Ve čtvrtek otevírá pět sousedů starou loděnici a opravuje 12 rádií.',
  sv: 'På torsdag öppnar fem grannar det gamla båthuset och lagar 12 radioapparater.',
  da: 'Om torsdagen åbner fem naboer det gamle bådehus og reparerer 12 radioer.',
  nb: 'På torsdag åpner fem naboer det gamle båthuset og reparerer 12 radioer.',
  fi: 'Torstaina viisi naapuria avaa vanhan venevajan ja korjaa 12 radiota.',
  ro: 'Joi, cinci vecini deschid vechiul hangar și repară 12 radiouri.',
  hu: 'Csütörtökön öt szomszéd kinyitja a régi csónakházat, és 12 rádiót javít.',
  tr: 'Perşembe günü beş komşu eski kayıkhaneyi açar ve 12 radyo onarır.',
  el: 'Την Πέμπτη πέντε γείτονες ανοίγουν το παλιό υπόστεγο και φτιάχνουν 12 ραδιόφωνα.',
  ru: 'В четверг пять соседей открывают старый сарай и чинят 12 радиоприёмников.',
  uk: 'У четвер п’ять сусідів відчиняють старий сарай і лагодять 12 радіоприймачів.',
  id: 'Pada hari Kamis, lima tetangga membuka gudang tua dan memperbaiki 12 radio.',
  hi: 'गुरुवार को पाँच पड़ोसी पुराना घर खोलते हैं और 12 रेडियो ठीक करते हैं।',
  ko: '목요일에 이웃 다섯 명이 낡은 창고를 열고 라디오 12 대를 고친다.',
  vi: 'Thứ Năm, năm người hàng xóm mở nhà thuyền cũ và sửa 12 chiếc radio.',
};

describe('eSpeak NG', () => {
  it.each(VOICES.filter((v) => v.language !== 'en').map((v) => [v.language, v.name] as const))(
    '%s, %s: every word has its time, in order, at an even loudness',
    async (language, name) => {
      const line = LINES[language] as string;
      const { samples, words } = await engineOf(name).speak(line, plainVoice(name), []);
      const lengthMs = (samples.length * 1000) / SAMPLE_RATE;
      // Words without sound, such as dashes, have none.
      expect(words.length).toBeGreaterThanOrEqual(line.split(' ').length - 1);
      words.forEach((w, i) => {
        expect(w.endMs).toBeGreaterThan(w.startMs);
        expect(w.start).toBeGreaterThanOrEqual(words[i - 1]?.end ?? 0);
        expect(w.startMs).toBeGreaterThanOrEqual((words[i - 1]?.endMs ?? 0) - 1);
      });
      expect(words.at(-1)?.endMs).toBeLessThanOrEqual(lengthMs);
      // Longer words take longer: the times are not just shared out, nor all the same.
      expect(lengthMs).toBeGreaterThan(2000);
      expect(Math.abs(integratedLoudness([samples]) + 16)).toBeLessThan(1);
      expect(truePeak([samples])).toBeLessThanOrEqual(-1);
    },
  );

  it('is quicker at a higher pace, and tells a woman from a man', async () => {
    const text = LINES.de as string;
    const at = async (name: string, pace: number) =>
      (await espeak.speak(text, { ...plainVoice(name), pace }, [])).samples;
    expect((await at('frieda', 1.4)).length / (await at('frieda', 0.8)).length).toBeLessThan(0.75);
    expect(await at('frieda', 1)).not.toEqual(await at('anselm', 1));
  });

  it('says what it cannot speak', async () => {
    await expect(espeak.speak('🙂 …', plainVoice('frieda'), [])).rejects.toMatchObject({
      failure: { code: 'unspeakable' },
    });
    await expect(espeak.speak('Hallo', plainVoice('maud'), [])).rejects.toMatchObject({
      failure: { code: 'no-voice' },
    });
    expect(() => engineOf('nobody')).toThrow();
  });
});
