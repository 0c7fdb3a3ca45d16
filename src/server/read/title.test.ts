import { describe, expect, it } from 'vitest';
import { emptySource, type Passage } from '../../core/source/types.ts';
import { extractTitle } from './title.ts';

const passage = (kind: Passage['kind'], text: string, n: number): Passage => ({
  ...{ id: `p${n}`, kind, level: 1, sentences: [{ id: `p${n}.0`, text }] },
});
function titled(own: string, ...parts: [Passage['kind'], string][]) {
  const source = { ...emptySource('article', { kind: 'pdf', count: 1 }) };
  source.passages = parts.map(([kind, text], n) => passage(kind, text, n));
  extractTitle(source, own);
  return { title: source.title, left: source.passages.map((p) => p.sentences[0]?.text) };
}

describe('the title of a document', () => {
  it.each([
    'C:\\papers\\tex\\SAMPLE.DVI',
    'Microsoft Word - lock_v3.doc',
    'lock final.docx',
    'sag-39-3-4-0902-21:sag-0',
    'untitled',
    'Document 1',
    '',
  ])('is its largest heading where a program wrote “%s”', (own) => {
    expect(titled(own, ['heading', 'The lock'], ['text', 'It opens.'])).toEqual({
      title: 'The lock',
      left: ['It opens.'],
    });
  });

  it.each(['The lock of 1975', 'Locks', '20 locks and a boat', 'A.D. 1975: the lock'])(
    'is its own where it says something: %s',
    (own) => {
      expect(titled(own, ['text', 'It opens.'])).toEqual({ title: own, left: ['It opens.'] });
    },
  );

  it('is not the name of the paper in which it stands', () => {
    const paper = titled(
      'Locks & Boats',
      ['text', 'Locks & Boats 137 (2015) 1–5'],
      ['heading', 'a,b'],
      ['heading', 'How the lock of Reedmere opens'],
      ['text', 'It opens.'],
    );
    expect(paper.title).toBe('How the lock of Reedmere opens');
    expect(titled('Locks & Boats', ['text', 'Locks & Boats are old.'], ['heading', 'x']).title).toBe(
      'Locks & Boats',
    );
  });

  it('is the beginning of the text where there is nothing else', () => {
    expect(titled('', ['text', 'It opens.']).title).toBe('It opens.');
  });
});
