import exifr from 'exifr';

/** What a file says of itself. */
export interface Embedded {
  /** Local time as the camera wrote it, "2026-11-19T18:02:11". */
  takenAt: string | null;
  title: string;
  description: string;
  keywords: string[];
}

const NOTHING: Embedded = { takenAt: null, title: '', description: '', keywords: [] };

/** Reads capture time (Exif), and title, caption and keywords (IPTC, XMP) of a picture. */
export async function embedded(bytes: Buffer): Promise<Embedded> {
  try {
    const tags: Record<string, unknown> | undefined = await exifr.parse(bytes, {
      tiff: true,
      exif: true,
      iptc: true,
      xmp: true,
      gps: false,
      reviveValues: false,
    });
    if (!tags) return NOTHING;
    const raw = String(tags.DateTimeOriginal ?? tags.CreateDate ?? '');
    const m = /^(\d{4})[:-](\d{2})[:-](\d{2})[ T](\d{2}:\d{2}:\d{2})/.exec(raw);
    return {
      takenAt: m && m[1] !== '0000' ? `${m[1]}-${m[2]}-${m[3]}T${m[4]}` : null,
      title: words(tags.title ?? tags.ObjectName, 200),
      description: words(tags.description ?? tags.Caption ?? tags.ImageDescription, 500),
      keywords: list(tags.subject ?? tags.Keywords),
    };
  } catch {
    // A file without readable notes says nothing; the picture itself is checked later.
    return NOTHING;
  }
}

function words(v: unknown, most: number): string {
  const text = typeof v === 'object' && v && 'value' in v ? v.value : v;
  return typeof text === 'string' ? text.replace(/\s+/g, ' ').trim().slice(0, most) : '';
}

const list = (v: unknown): string[] =>
  (Array.isArray(v) ? v : typeof v === 'string' ? v.split(/[;,]/) : [])
    .map((k) => words(k, 40).toLowerCase())
    .filter(Boolean);

/** Names that cameras, phones and programs give by themselves, and words that say nothing in a file's name. */
const MACHINE_NAME =
  /^(img|dsc|dscn|dscf|pxl|mvimg|vid|mov|mvi|gopr|gx|p|image|photo|video|clip|screenshot|whatsapp)?[\s\d()x.]*$/i;
const EMPTY_WORDS = new Set(
  'img dsc pxl vid mov image photo picture video clip final copy edit edited new old export the and of in on at to a an with my our for from untitled'.split(
    ' ',
  ),
);

const bareName = (name: string): string =>
  name
    .replace(/\.[^.]+$/, '')
    .replace(/([a-zà-ÿ])([A-ZÀ-Ý])/g, '$1 $2')
    .replace(/[_\-.+]+/g, ' ')
    .trim();

/** A title from the name of a file; empty where the name is a camera's numbering. */
export function titleFromName(name: string): string {
  const bare = bareName(name);
  return MACHINE_NAME.test(bare) ? '' : bare.charAt(0).toUpperCase() + bare.slice(1);
}

/** Tags from the names of a file and of the folders it lies in, and from its own keywords; at most 20. */
export function tagsFrom(name: string, folder: string, keywords: readonly string[]): string[] {
  const ofName = MACHINE_NAME.test(bareName(name)) ? [] : bareName(name).split(/\s+/);
  const ofFolder = folder.split('/').flatMap((f) => bareName(`${f}.`).split(/\s+/));
  const single = [...ofName, ...ofFolder]
    .map((w) => w.toLowerCase().replace(/[^\p{L}\p{N}']/gu, ''))
    .filter((w) => w.length > 2 && !/^\d/.test(w) && !EMPTY_WORDS.has(w));
  return [...new Set([...keywords, ...single])].slice(0, 20);
}
