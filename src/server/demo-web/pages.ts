/** The made-up web that ships with Nabbet: what can be asked for, and how it is offered on the begin screens. */
export interface DemoPage {
  path: string;
  kind: 'article' | 'product' | 'awkward';
  title: string;
  /** One line on the begin screen. */
  about: string;
}

export const DEMO_PAGES: readonly DemoPage[] = [
  {
    path: 'osierwick-courier/toll-house',
    kind: 'article',
    title: 'The toll house where broken things get a second evening',
    about: 'a report with three pictures, a cookie bar and other stories round it',
  },
  {
    path: 'osierwick-courier/rain-barrels',
    kind: 'article',
    title: 'Why did the market street stay dry?',
    about: 'a report that begins with a question, with a table and a list',
  },
  {
    path: 'lanternworks/wick-no-3',
    kind: 'product',
    title: 'Wick No. 3 hand lantern',
    about: 'a shop page with everything marked up, on offer until Christmas',
  },
  {
    path: 'birk-stools/field-stool',
    kind: 'product',
    title: 'Field stool with three legs',
    about: 'a shop page with half of it marked up, and a critical review',
  },
  {
    path: 'meadow-map/app',
    kind: 'awkward',
    title: 'The meadow map',
    about: 'a page that is built by scripts: there is nothing to read, and Nabbet says so',
  },
];
