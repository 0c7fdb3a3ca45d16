import { readdir, stat } from 'node:fs/promises';
import { type AssetFileKind, assetPath, assetRecord, isAssetId } from '../assets/record.ts';
import { dataPath } from '../config.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { ownPictures, pieces, sources } from '../db/schema.ts';
import type { Finding, StoredCheck } from './types.ts';

/** Every picture and clip that is used is there, with what was measured of it. */
export const assetsCheck: StoredCheck = {
  of: 'pictures and clips',
  async run() {
    const findings: Finding[] = [];
    const there = await stored();
    const whole = new Set<string>();
    for (const id of there) {
      const problem = await problemOf(id);
      if (problem) findings.push({ what: `Picture ${id} ${problem}`, mended: null });
      else whole.add(id);
    }
    for (const [id, where] of await used())
      if (!there.has(id))
        findings.push({ what: `Picture ${id} is used by ${where} and is not there`, mended: null });
    return { seen: there.size, findings };
  },
};

async function stored(): Promise<Set<string>> {
  const out = new Set<string>();
  for (const part of await readdir(dataPath('assets')).catch(() => [] as string[]))
    for (const id of await readdir(dataPath('assets', part)).catch(() => [] as string[]))
      if (isAssetId(id)) out.add(id);
  return out;
}

/** What is wrong with a stored asset; null when it is whole. */
async function problemOf(id: string): Promise<string | null> {
  try {
    const record = await assetRecord(id);
    if (!record) return 'has no record: it was not taken in to its end';
    const needed: AssetFileKind[] = record.kind === 'clip' ? ['clip', 'thumb'] : ['picture', 'thumb'];
    for (const kind of needed)
      if (!(await stat(assetPath(id, kind)).catch(() => null))?.size) return `lacks its ${kind}`;
    return null;
  } catch {
    return 'has a record that cannot be read';
  }
}

/** Ids that something refers to, with the first that does. */
async function used(): Promise<Map<string, string>> {
  const out = new Map<string, string>();
  const note = (text: string, where: string) => {
    for (const [, id] of text.matchAll(/"assetId":"(a[0-9a-f]{20})"/g))
      if (id && !out.has(id)) out.set(id, where);
  };
  for (const { id } of await db().select({ id: ownPictures.id }).from(ownPictures)) out.set(id, 'the shelf');
  for (const { id, doc } of await db().select({ id: pieces.id, doc: pieces.doc }).from(pieces))
    note(JSON.stringify(json(doc)), `piece ${id}`);
  for (const { id, doc } of await db().select({ id: sources.id, doc: sources.doc }).from(sources))
    note(JSON.stringify(json(doc)), `source ${id}`);
  return out;
}
