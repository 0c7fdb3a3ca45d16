/** Sounds of the CMU pronouncing dictionary, as Flite names them, in the International Phonetic Alphabet; a pause is empty. */
const IPA: Record<string, string> = {
  ...{ pau: '', aa: 'ɑ', ae: 'æ', ah: 'ʌ', ao: 'ɔ', aw: 'aʊ', ax: 'ə', ay: 'aɪ', b: 'b', ch: 'tʃ', d: 'd' },
  ...{ dh: 'ð', eh: 'ɛ', er: 'ɝ', ey: 'eɪ', f: 'f', g: 'ɡ', hh: 'h', ih: 'ɪ', iy: 'i', jh: 'dʒ', k: 'k' },
  ...{ l: 'l', m: 'm', n: 'n', ng: 'ŋ', ow: 'oʊ', oy: 'ɔɪ', p: 'p', r: 'ɹ', s: 's', sh: 'ʃ', t: 't' },
  ...{ th: 'θ', uh: 'ʊ', uw: 'u', v: 'v', w: 'w', y: 'j', z: 'z', zh: 'ʒ' },
};

/** A sound in IPA; one that is not known stays as it is named. */
export const ipaOf = (sound: string): string => IPA[sound] ?? sound;
