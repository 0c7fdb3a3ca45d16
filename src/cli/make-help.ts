import { DELIVERY_KIND_NAMES } from '../core/deliver/kinds.ts';
import { PIECE_FILE_NAMES } from '../core/exchange/types.ts';
import { FORMATS } from '../core/look/formats.ts';
import { LOOK_NAMES } from '../core/look/looks.ts';
import { MOOD_NAMES } from '../core/music/moods.ts';
import { SUITED_MUSIC } from '../core/music/suited.ts';
import { ANGLES } from '../core/outline/angles.ts';
import { PAINTERS } from '../core/paint/painters.ts';
import { VOICES } from '../core/sound/voices.ts';
import { SPLITS } from '../core/text/script.ts';
import { HEIGHTS } from '../core/timeline/heights.ts';

/** What can be chosen, what that does, and which values there are. */
const CHOICES: readonly (readonly [choice: string, does: string, values?: readonly (string | number)[]])[] = [
  [
    '-o, --out FILE',
    'where the video goes; a folder for several. By default as the text is called, in this folder.',
  ],
  ['--deliver KIND,...', 'what is made; mp4 by default.', DELIVERY_KIND_NAMES],
  ['--format FORMAT,...', 'one or several; 9:16 by default. Any other as WIDTH:HEIGHT.', FORMATS],
  ['--height PIXELS', 'of the shorter side; 1080 by default.', HEIGHTS],
  ['--with FILE,...', 'what goes beside it.', PIECE_FILE_NAMES],
  ['--look NAME', 'the one that suits the words by default.', LOOK_NAMES],
  ['--voice NAME', 'or a voice of your own, by its name.', VOICES.map((v) => v.name)],
  ['--music MOOD', 'what suits the words by default.', [...MOOD_NAMES, SUITED_MUSIC, 'none']],
  ['--split HOW', 'what is a scene of a script; sentence by default.', SPLITS],
  ['--as KIND', 'what the words are, where they do not tell.', ['script', 'article', 'product']],
  ['--target SECONDS', 'an article, a product or photos in about so long.'],
  ['--angle NAME', 'how a product is told.', ANGLES],
  ['--chapters NUMBERS', 'of a book: 1,2'],
  ['--pattern FILE', 'words with {column} in them: one video for each row of a table.'],
  ['--name TEXT', 'what those videos are called: "{town} {date}".'],
  ['--painter NAME', 'auto takes the quickest that there is.', PAINTERS],
  ['--json', 'describes what was made, for programs.'],
];

const WIDE = 22;
const LINE = 110;

/** Lines no longer than a terminal usually is. */
function wrapped(text: string, indent: number): string {
  const lines = [''];
  for (const word of text.split(' ')) {
    const last = lines.at(-1) ?? '';
    if (last && indent + last.length + 1 + word.length > LINE) lines.push(word);
    else lines[lines.length - 1] = last ? `${last} ${word}` : word;
  }
  return lines.join(`\n${' '.repeat(indent)}`);
}

/** What `nabbet make --help` says. */
export const makeHelp = (): string =>
  [
    'usage: nabbet make FILE|FOLDER|ADDRESS ... [choices]',
    '',
    wrapped(
      'Makes a video of a script, an article, a product page, a book, a table or photos, without a browser.',
      0,
    ),
    '',
    ...CHOICES.map(([choice, does, values]) => {
      const said = values ? `${does} ${values.join(', ')}` : does;
      return `  ${choice.padEnd(WIDE)}${wrapped(said, WIDE + 2)}`;
    }),
    '',
    wrapped(
      'Exit code 0 when everything was made, 1 when something could not be, 2 when it was asked for wrongly.',
      0,
    ),
  ].join('\n');
