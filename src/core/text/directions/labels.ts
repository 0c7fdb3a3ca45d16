/** What a part of a script for a video is for. */
export type Part =
  /** What a voice says, what the picture shows, what stands on the screen. */
  | 'said'
  | 'seen'
  | 'written'
  /** The title of all, and the name of a part ("Hook", "Scene 2"). */
  | 'title'
  | 'section'
  /** Sounds, and notes for those who make it: nothing to be said or seen. */
  | 'sound'
  | 'note';

/** Labels that a talk between people may have as well: by themselves they make no script for a video. */
const ALSO_NAMES = new Set(['narrator', 'on camera', 'sprecher']);

/** The labels before parts of a script, as writers have them, in lower case. */
const LABELS: Record<Part, string> = {
  said: `vo, v.o., v/o, v.o, voiceover, voice-over, voice over, voiceover script, narration, audio, spoken, spoken text, spoken words, speech, say,
    script, dialogue, dialog, talking head, a-roll, narrator, on camera, sprecher, audio/voiceover, vo/audio, audio/vo, sprechertext, off-text`,
  seen: `visual, visuals, visual cue, video, video/visual, shot description, b-roll, b roll, broll, picture, pictures, image, images, footage, scene description,
    camera, animation, stock footage, bild`,
  written: `on-screen text, on screen text, onscreen text, on-screen, on screen, text on screen, text on-screen, screen text, text overlay,
    overlay text, overlay, text, super, supers, title card, graphic text, lower third, ost, texteinblendung, text im bild`,
  title: 'title, video title, working title, titel',
  section: `hook, the hook, intro, introduction, opening, outro, cta, call to action, call-to-action, body, main content, scene, shot, segment, beat,
    clip, part, frame, slide, reel, szene, einstellung`,
  sound: `music, sfx, fx, sound, sound effect, sound effects, bgm, soundtrack, background music, music/sfx, sfx/music, musik, ton`,
  note: `duration, length, runtime, total length, total runtime, format, aspect ratio, platform, platforms, target audience, audience, tone, voice tone, hashtags,
    hashtag, thumbnail, editing notes, edit notes, editor notes, production notes, transition, transitions, pacing, post caption, video caption,
    caption, description, goal, objective, keywords, time, timing, timecode, timestamp`,
};

const PARTS = new Map<string, Part>();
for (const [part, labels] of Object.entries(LABELS) as [Part, string][])
  for (const label of labels.split(',')) PARTS.set(label.trim(), part);

/** Labels that name a part only with a number behind them: "Scene 2", never "Scene". */
const NUMBERED = new Set([
  'scene',
  'shot',
  'segment',
  'beat',
  'clip',
  'part',
  'frame',
  'slide',
  'szene',
  'einstellung',
]);

/** What is meant by a label, which may have a number or a remark behind it ("Scene 2", "VO (warm)"); null for anything else. */
export function partOf(label: string): Part | null {
  const bare = label
    .toLowerCase()
    .replace(/\([^)]*\)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const name = bare.replace(/\s*#?\s*\d{1,2}$/, '');
  if (name !== bare && NUMBERED.has(name)) return 'section';
  const part = PARTS.get(name) ?? null;
  return part === 'section' && NUMBERED.has(name) ? null : part;
}

/** A label as it stands before what it is for: "VO:", "Scene 2 -", "On-screen text (bold):". */
const LABELLED =
  /^([\p{L}][\p{L}./'’& -]{0,26}?(?:\s*#?\s*\d{1,2})?)\s*(?:\([^)]{0,40}\)\s*)?(?::|\s[–—-](?=\s))\s*(.*)$/u;

/** A label and what comes after it; sure: nobody is called so. */
export interface Labelled {
  part: Part;
  text: string;
  sure: boolean;
}

/** The label at the beginning of a line and what comes after it; null without one. A line may be a label and nothing else. */
export function labelled(line: string): Labelled | null {
  const [, label = '', text = ''] = LABELLED.exec(line) ?? [];
  const part = label ? partOf(label) : null;
  if (part) return { part, text: text.trim(), sure: !ALSO_NAMES.has(label.toLowerCase()) };
  const alone = line.length <= 32 ? partOf(line.replace(/:$/, '')) : null;
  return alone ? { part: alone, text: '', sure: true } : null;
}
