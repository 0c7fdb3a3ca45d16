import { describe, expect, it } from 'vitest';
import { languageOf, sureLanguageOf, WRITTEN_LANGUAGES } from './language.ts';

const TEXTS: Record<string, string> = {
  en: 'Every morning at six the ferry leaves the east bank with forty people who stand at the rail and drink their coffee.',
  de: 'Jeden Morgen um sechs verlässt die Fähre das östliche Ufer mit vierzig Leuten, die an der Reling stehen und Kaffee trinken.',
  fr: 'Chaque matin à six heures le bac quitte la rive est avec quarante personnes qui boivent leur café appuyées au bastingage.',
  es: 'Cada mañana a las seis el transbordador deja la orilla este con cuarenta personas que toman café junto a la barandilla.',
  nl: 'Elke ochtend om zes uur verlaat de veerboot de oostelijke oever met veertig mensen die aan de reling koffie drinken.',
  pl: 'Codziennie o szóstej rano prom opuszcza wschodni brzeg z czterdziestoma osobami, które piją kawę przy relingu.',
};

describe('the language of a text', () => {
  it.each(Object.entries(TEXTS))('is %s', (language, text) => {
    expect(languageOf(text)).toBe(language);
    expect(sureLanguageOf(text)).toBe(language);
    expect(WRITTEN_LANGUAGES).toContain(language);
  });

  it('is told from eighty letters on, and by the beginning of a long text', () => {
    expect(languageOf(TEXTS.de?.slice(0, 79) ?? '')).toBe('en');
    expect(languageOf(TEXTS.de?.slice(0, 80) ?? '')).toBe('de');
    expect(languageOf(`${`${TEXTS.de} `.repeat(40)}${`${TEXTS.fr} `.repeat(80)}`)).toBe('de');
  });

  it.each([
    ['ko', '매일 아침 배가 떠난다'],
    ['el', 'Κάθε πρωί φεύγει το πλοίο'],
    ['hi', 'हर सुबह नाव जाती है'],
    ['ja', 'まいあさ ふねが でる'],
  ])('is sure by letters that only %s writes, also in a few words', (language, text) => {
    expect(sureLanguageOf(text)).toBe(language);
    expect(sureLanguageOf(`${text} and many more words of ours`)).toBeNull();
  });

  it('is not sure of a few words, nor of names and numbers', () => {
    expect(sureLanguageOf('Jeden Morgen um sechs.')).toBeNull();
    expect(sureLanguageOf('1 2 3 4 5 6 7 8 9'.repeat(30))).toBeNull();
    expect(sureLanguageOf('')).toBeNull();
  });
});
