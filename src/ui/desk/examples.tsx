'use client';

import { SAMPLE_SCRIPT } from './sample-script.ts';

/** A made-up page that can be tried. */
export interface DemoLink {
  path: string;
  kind: 'article' | 'product' | 'awkward';
  title: string;
  address: string;
}

/** For somebody who has nothing at hand: three examples, as text. */
export function Examples({
  demo,
  onWords,
  onAddress,
}: {
  demo: readonly DemoLink[];
  onWords: (text: string) => void;
  onAddress: (address: string) => void;
}) {
  const article = demo.find((d) => d.kind === 'article');
  const product = demo.find((d) => d.kind === 'product');
  return (
    <p className="laid__examples">
      Nothing at hand? Lay{' '}
      <button type="button" onClick={() => onWords(SAMPLE_SCRIPT)}>
        a script
      </button>
      {article && (
        <>
          ,{' '}
          <button type="button" onClick={() => onAddress(article.address)}>
            an article
          </button>
        </>
      )}
      {product && (
        <>
          {' '}
          or{' '}
          <button type="button" onClick={() => onAddress(product.address)}>
            a shop’s page
          </button>
        </>
      )}{' '}
      on the sheet. They are made up and ship with Nabbet.
    </p>
  );
}
