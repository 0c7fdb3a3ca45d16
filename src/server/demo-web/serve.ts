import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { CONFIG } from '../config.ts';
import { shelf, shelfFile } from '../shelf/shelf.ts';
import { DEMO_PAGES } from './pages.ts';

/** A page of the made-up web; null when there is none of that path. */
export async function demoPage(wanted: string): Promise<string | null> {
  const page = DEMO_PAGES.find((p) => p.path === wanted);
  return page ? readFile(path.join(CONFIG.root, 'studio/demo-web', `${page.path}.html`), 'utf8') : null;
}

/** A picture of the made-up web: a still of the shelf, by its id. */
export async function demoPicture(id: string): Promise<string | null> {
  const entry = (await shelf()).entries.get(id);
  return entry?.kind === 'still' ? shelfFile(entry.id, 'wide') : null;
}
