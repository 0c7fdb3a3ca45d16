const NAMES = new Intl.DisplayNames(['en'], { type: 'language' });

/** A language by its two letters, as it is called. */
export const languageWords = (language: string): string =>
  language === 'nb' ? 'Norwegian' : (NAMES.of(language) ?? language);
