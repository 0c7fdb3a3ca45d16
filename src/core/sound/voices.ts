/** A voice that can be chosen. */
export interface VoiceInfo {
  /** Stable: documents refer to it. */
  name: string;
  label: string;
  describe: string;
  /** ISO 639-1. */
  language: string;
  /** Speed relative to an average voice, measured. */
  speed: number;
  of: 'woman' | 'man';
}

const english = (
  name: string,
  label: string,
  of: VoiceInfo['of'],
  describe: string,
  speed: number,
): VoiceInfo => ({
  ...{ name, label, of, speed, language: 'en' },
  describe: `a ${of}, ${describe}`,
});

/** Two voices of a language, a woman's and a man's. */
const pair = (
  language: string,
  speed: number,
  woman: [string, string],
  man: [string, string],
): VoiceInfo[] => [
  { name: woman[0], label: woman[1], describe: 'a woman, even', language, speed, of: 'woman' },
  { name: man[0], label: man[1], describe: 'a man, even', language, speed, of: 'man' },
];

/** The voices that ship with Nabbet, in the order in which they are offered. */
export const VOICES: readonly VoiceInfo[] = [
  english('maud', 'Maud', 'woman', 'clear and even, American', 1.08),
  english('alder', 'Alder', 'man', 'steady and friendly, American', 0.91),
  english('fenn', 'Fenn', 'man', 'warm, Scottish', 1.02),
  english('tilda', 'Tilda', 'woman', 'darker and calm, American', 1.04),
  english('bram', 'Bram', 'man', 'deep and slow, American', 0.86),
  english('corin', 'Corin', 'man', 'young and light, American', 0.95),
  english('hesper', 'Hesper', 'woman', 'low and even, American', 1.01),
  english('lorne', 'Lorne', 'man', 'deep, Scottish', 0.97),
  english('gale', 'Gale', 'man', 'broad and slow, Scottish', 0.93),
  english('pia', 'Pia', 'woman', 'small and quick, American', 1.12),
  english('odd', 'Odd', 'man', 'large and unhurried, American', 0.84),
  english('tam', 'Tam', 'man', 'boyish, Scottish', 1.07),
  ...pair('es', 1, ['ines', 'Inés'], ['tomas', 'Tomás']),
  ...pair('fr', 1, ['celie', 'Célie'], ['lucien', 'Lucien']),
  ...pair('de', 1, ['frieda', 'Frieda'], ['anselm', 'Anselm']),
  ...pair('it', 1, ['livia', 'Livia'], ['dario', 'Dario']),
  ...pair('pt', 1, ['branca', 'Branca'], ['duarte', 'Duarte']),
  ...pair('nl', 1, ['saskia', 'Saskia'], ['joost', 'Joost']),
  ...pair('pl', 1, ['jagoda', 'Jagoda'], ['witek', 'Witek']),
  ...pair('cs', 1, ['bozena', 'Božena'], ['vilem', 'Vilém']),
  ...pair('sv', 1, ['signe', 'Signe'], ['torsten', 'Torsten']),
  ...pair('da', 1, ['karen-d', 'Karen'], ['aksel', 'Aksel']),
  ...pair('nb', 1, ['ragna', 'Ragna'], ['eivind', 'Eivind']),
  ...pair('fi', 1, ['aino', 'Aino'], ['veikko', 'Veikko']),
  ...pair('ro', 1, ['ileana', 'Ileana'], ['radu', 'Radu']),
  ...pair('hu', 1, ['ilka', 'Ilka'], ['bela', 'Béla']),
  ...pair('tr', 1, ['nesrin', 'Nesrin'], ['orhan', 'Orhan']),
  ...pair('el', 1, ['daphne', 'Δάφνη'], ['stavros', 'Σταύρος']),
  ...pair('ru', 1, ['olga', 'Ольга'], ['lev', 'Лев']),
  ...pair('uk', 1, ['oksana', 'Оксана'], ['taras', 'Тарас']),
  ...pair('id', 1, ['sari', 'Sari'], ['bayu', 'Bayu']),
  ...pair('hi', 1, ['asha', 'आशा'], ['mohan', 'मोहन']),
  ...pair('ko', 1, ['dasom', '다솜'], ['haram', '하람']),
  ...pair('vi', 1, ['lien', 'Liên'], ['quang', 'Quang']),
];

export const DEFAULT_VOICE = 'maud';

export const voiceNamed = (name: string): VoiceInfo | null => VOICES.find((v) => v.name === name) ?? null;

/** A voice that did not ship with Nabbet, as it is offered. */
export type OtherVoice = Pick<VoiceInfo, 'name' | 'label' | 'describe' | 'language'>;

/** own: a model that somebody brought. served: a service at an address speaks it. */
export type OtherKind = 'own' | 'served';

/** What another voice is called in a document: its name says its language, so that a piece is understood without it. */
export const otherVoiceName = (kind: OtherKind, language: string, id: string): string =>
  `${kind}:${language}:${id}`;

const OTHER_NAME = /^(own|served):([a-z]{2,3}):([\w.-]{1,66})$/;

/** The parts of another voice's name; null for a voice that ships, and for what is no name. */
export function otherVoice(name: string): { kind: OtherKind; language: string; id: string } | null {
  const [, kind, language, id] = OTHER_NAME.exec(name) ?? [];
  return kind && language && id ? { kind: kind as OtherKind, language, id } : null;
}

/** Whether a name can be a voice's: one that ships, or another one, which may not be here now. */
export const isVoiceName = (name: string): boolean => voiceNamed(name) !== null || otherVoice(name) !== null;

/** Speed of a voice relative to an average one; 1 for a voice that is not known here. */
export const voiceSpeed = (name: string): number => voiceNamed(name)?.speed ?? 1;

/** Language of a voice; English for one that is not known here. */
export const languageOfVoice = (name: string): string =>
  voiceNamed(name)?.language ?? otherVoice(name)?.language ?? 'en';

/** The languages that can be spoken, in the order in which they are offered. */
export const SPOKEN_LANGUAGES: readonly string[] = [...new Set(VOICES.map((v) => v.language))];

/** The first voice of a language, of those that ship before others that are here; null when nobody speaks it. */
export const firstVoiceOf = (language: string, others: readonly OtherVoice[] = []): OtherVoice | null =>
  [...VOICES, ...others].find((v) => v.language === language) ?? null;
