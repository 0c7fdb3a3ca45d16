import { existsSync } from 'node:fs';
import path from 'node:path';

/** The project's folder: where package.json stands, from wherever this was started. */
function projectRoot(): string {
  let dir = process.env.NABBET_ROOT ?? process.cwd();
  while (!existsSync(path.join(dir, 'shelf')) && path.dirname(dir) !== dir) dir = path.dirname(dir);
  return existsSync(path.join(dir, 'shelf')) ? dir : process.cwd();
}

const root = projectRoot();
const data = path.resolve(process.env.NABBET_DATA ?? path.join(root, 'var'));

const host = process.env.NABBET_HOST ?? '127.0.0.1';
const port = Number(process.env.NABBET_PORT ?? 4300);

/** Where things are; set by environment variables. */
export const CONFIG = {
  root,
  /** NABBET_DATA: database, takes, renders. */
  data,
  /** NABBET_RESERVE_MB: megabytes of its disk that uploads and videos leave free. */
  reserveBytes: Number(process.env.NABBET_RESERVE_MB ?? 500) * 1_000_000,
  shelf: path.join(root, 'shelf'),
  /** NABBET_DICTIONARIES: where dictionaries of the DICT format stand; Debian puts them there. */
  dictionaries: process.env.NABBET_DICTIONARIES ?? '/usr/share/dictd',
  /** NABBET_HOST, NABBET_PORT: where the web server listens. */
  host,
  port,
  /** NABBET_HOSTS: names under which it is reached besides its address, with commas between; a proxy's, a machine's. */
  names: (process.env.NABBET_HOSTS ?? '')
    .split(',')
    .map((n) => n.trim().toLowerCase())
    .filter(Boolean),
  /**
   * NABBET_READ_ALLOW: private addresses that may be read, "host[:port][/path]" with commas between; the made-up web of
   * this installation is always among them.
   */
  readAllow: [
    `${host}:${port}/demo-web/`,
    `localhost:${port}/demo-web/`,
    ...(process.env.NABBET_READ_ALLOW ?? '')
      .split(',')
      .map((r) => r.trim().replace(/^https?:\/\//, ''))
      .filter(Boolean),
  ] as readonly string[],
  /**
   * NABBET_LIBRARIES: libraries from outside, "Name=address" or "Name=folder" with semicolons between. Without it the two
   * that ship with the application: an open folder, and the made-up shop, which listens on NABBET_SHOP_PORT.
   */
  libraries:
    process.env.NABBET_LIBRARIES ??
    `Osier Commons=${path.join(root, 'library/open')};Lanternworks Pictures=http://127.0.0.1:${process.env.NABBET_SHOP_PORT ?? port + 9}/`,
  shopPort: Number(process.env.NABBET_SHOP_PORT ?? port + 9),
  /**
   * NABBET_VOICES: services that speak, "Name=address" with semicolons between. Without it the made-up one that ships, which
   * listens on NABBET_SPEAKER_PORT.
   */
  voices:
    process.env.NABBET_VOICES ??
    `Osier Speakers=http://127.0.0.1:${process.env.NABBET_SPEAKER_PORT ?? port + 8}/`,
  speakerPort: Number(process.env.NABBET_SPEAKER_PORT ?? port + 8),
  /** NABBET_DB_PORT: where MariaDB listens on 127.0.0.1. */
  dbPort: Number(process.env.NABBET_DB_PORT ?? 4306),
  soundfont: process.env.NABBET_SOUNDFONT ?? '/usr/share/sounds/sf2/FluidR3_GM.sf2',
} as const;

export const dataPath = (...parts: string[]): string => path.join(CONFIG.data, ...parts);
