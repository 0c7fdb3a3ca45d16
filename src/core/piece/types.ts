import Joi from 'joi';
import type { Format } from '../look/formats.ts';
import { GRADE_NAMES, type GradeName } from '../look/grades.ts';
import { LAYOUT_NAMES, type Layout } from '../look/layouts.ts';
import { LOOK_NAMES, type LookName } from '../look/looks.ts';
import { MOOD_NAMES, type Mood } from '../music/moods.ts';
import { ON_BEAT, type OnBeat } from '../music/on-beat.ts';
import { TONE_NAMES, type ToneName } from '../sound/tones.ts';
import { SOURCE_KINDS, type SourceKind } from '../source/kinds.ts';
import type { Decibels, Milliseconds } from '../time.ts';
import {
  AS_THE_LOOK,
  type BorderTransition,
  SCENE_LOOK_FIELDS,
  type SceneLook,
  STYLE_FIELDS,
  type Style,
  TRANSITION_FIELDS,
} from './appearance.ts';
import { BORDER_SOUNDS, type BorderSound, type SceneEffect, sceneEffectSchema } from './effects.ts';
import { colour, field, firstOf, formatSchema, idSchema, type Of, oneOf, share, wholeOf } from './field.ts';
import { LIMITS } from './limits.ts';
import { type Delivery, deliverySchema, type KitEntry, kitEntrySchema, newDelivery } from './outputs.ts';
import { type PictureReason, reasonSchema } from './reasons.ts';
import { type Translation, translationSchema } from './translations.ts';

export const PIECE_VERSION = 11;

/** A picture of the shelf is painted in two views; one from elsewhere has the one that its proportions give. */
export type ViewName = 'wide' | 'tall';

/** Where the frame looks: its middle in fractions of the picture, and how much closer than the largest frame, 1 to 8. */
export interface Aim {
  x: number;
  y: number;
  zoom: number;
}

const aims = Joi.array()
  .items(
    Joi.object({
      x: share().required(),
      y: share().required(),
      zoom: Joi.number().min(1).max(LIMITS.zoom).required(),
    }),
  )
  .min(1)
  .max(2);

/** auto: towards the subject, in every second scene away from it. */
const MOVES = ['auto', 'towards', 'away', 'still'] as const;
export type Move = (typeof MOVES)[number];

const FITS = ['fill', 'whole'] as const;
export type Fit = (typeof FITS)[number];

const FRAMING_FIELDS = {
  /** fill: the picture fills the frame. whole: all of it is seen, with a surround. */
  fit: field<Fit>('fill', oneOf(FITS)),
  /** Round a whole picture: itself, blurred, or a colour "#rrggbb". */
  surround: field<string>('blur', Joi.alternatives(Joi.valid('blur'), colour())),
  move: field<Move>('auto', oneOf(MOVES)),
  /**
   * Frames set by hand, by view, so that they hold in every format that shows this view. One: where the frame stands,
   * and the slow move begins or ends. Two: start and end of the move.
   */
  aims: field<Partial<Record<ViewName, Aim[]>>>(
    {},
    Joi.object({ wide: aims.optional(), tall: aims.optional() }),
  ),
};
/** How a picture stands in the frame, where the writer has a say in it. */
export type Framing = Of<typeof FRAMING_FIELDS>;

const moment = Joi.number().integer().min(0).max(LIMITS.clipMs);
const CLIP_FIELDS = {
  inMs: field<Milliseconds>(0, moment),
  /** null: to its end. */
  outMs: field<Milliseconds | null>(null, moment.allow(null)),
  /** 0.25 to 4. */
  speed: field<number>(1, Joi.number().min(0.25).max(4)),
  /** Level of its own sound against the voice, dB; null is silent. */
  gainDb: field<Decibels | null>(null, Joi.number().min(-40).max(12).allow(null)),
  /** When the part is shorter than the scene: from the start again, or the last frame stands. */
  end: field<'loop' | 'hold'>('loop', oneOf(['loop', 'hold'])),
};
/** Which part of a clip is shown, and how. */
export type ClipPart = Of<typeof CLIP_FIELDS>;

const inOrder =
  (inPoint: string, outPoint: string, what: string) =>
  (part: Record<string, number | null>, helpers: Joi.CustomHelpers) =>
    typeof part[outPoint] === 'number' && (part[outPoint] as number) <= (part[inPoint] as number)
      ? helpers.message({ custom: `${what} ends before it begins.` })
      : part;

/** writer: chosen by hand; source: it came with the words. Neither is overwritten by nabbing again. */
export type ChosenBy = 'nab' | 'source' | 'writer';

export interface Alternative {
  assetId: string;
  reasons: PictureReason[];
}

const reasons = Joi.array().items(reasonSchema).max(20);
const PLACEMENT_FIELDS = {
  assetId: field<string>('', idSchema),
  /** null: the machine's own frame. */
  framing: field<Framing | null>(null, wholeOf(FRAMING_FIELDS).allow(null)),
  /** null: the whole clip, or no clip. */
  clip: field<ClipPart | null>(
    null,
    wholeOf(CLIP_FIELDS)
      .custom(inOrder('inMs', 'outMs', 'The part of the clip'))
      .allow(null),
  ),
  by: field<ChosenBy>('writer', oneOf(['nab', 'source', 'writer'])),
  /** Why this one; empty for the writer's own choice. */
  reasons: field<PictureReason[]>([], reasons),
  /** 0 (a guess) to 1 (certain); 1 for the writer's own choice. */
  confidence: field<number>(1, share()),
  /** Words of the line by which it was found, as written there. */
  found: field<string[]>([], Joi.array().items(Joi.string().max(100)).max(20)),
  /** Next best, best first. */
  alternatives: field<Alternative[]>(
    [],
    Joi.array()
      .items(Joi.object({ assetId: idSchema.required(), reasons: reasons.required() }))
      .max(20),
  ),
};
/** A picture in a scene: how it is shown, and how it came there. */
export type Placement = Of<typeof PLACEMENT_FIELDS>;

/** A picture shown as it comes, of the writer's choice. */
export const placed = (assetId: string): Placement => ({ ...firstOf(PLACEMENT_FIELDS), assetId });
export const AUTO_FRAMING: Framing = firstOf(FRAMING_FIELDS);
export const WHOLE_CLIP: ClipPart = firstOf(CLIP_FIELDS);

const GRADING_FIELDS = {
  grade: field<GradeName>('none', oneOf(GRADE_NAMES)),
  /** Shares from 0 to 1. */
  strength: field<number>(1, share()),
  grain: field<number>(0, share()),
  dust: field<number>(0, share()),
  leak: field<number>(0, share()),
  /** Of the picture, 0.1 to 1, over the backdrop. */
  opacity: field<number>(1, Joi.number().min(0.1).max(1)),
  /** Colour behind the picture. */
  backdrop: field<string>('#1d1b22', colour()),
};
/** Colour and texture of a scene's pictures. */
export type Grading = Of<typeof GRADING_FIELDS>;
export const PLAIN_GRADING: Grading = firstOf(GRADING_FIELDS);

const VOICE_FIELDS = {
  /** Name of a voice that ships, or of another one (see otherVoiceName). */
  name: field<string>('maud', Joi.string().max(80)),
  /** Speed relative to the voice's own, 0.5 to 2. */
  pace: field<number>(1, Joi.number().min(0.5).max(2)),
  /** Semitones from the voice's own, -6 to 6. */
  pitch: field<number>(0, Joi.number().min(-6).max(6)),
  tone: field<ToneName>('plain', oneOf(TONE_NAMES)),
  /** Times the voice's own pauses, 0.3 to 3. */
  pauses: field<number>(1, Joi.number().min(0.3).max(3)),
};
/** Who speaks, and how. */
export type PieceVoice = Of<typeof VOICE_FIELDS>;
export const voiceSchema = wholeOf(VOICE_FIELDS);
/** A voice as it speaks by itself. */
export const plainVoice = (name: string): PieceVoice => ({ ...firstOf(VOICE_FIELDS), name });

const SPEAKER_FIELDS = {
  /** As the script has it. */
  name: field<string>('', Joi.string().trim().min(1).max(LIMITS.nameLength)),
  voice: field<PieceVoice>(firstOf(VOICE_FIELDS), voiceSchema),
};
/** Somebody who speaks in some scenes of a piece. */
export type Speaker = Of<typeof SPEAKER_FIELDS>;

const SAYING_FIELDS = {
  written: field<string>('', Joi.string().trim().min(1).max(LIMITS.sayingLength)),
  said: field<string>('', Joi.string().trim().min(1).max(LIMITS.sayingLength)),
};
/** A word, or a few, that voices read as something else: written "Osierwick", said "oh-zher-wick". */
export type Saying = Of<typeof SAYING_FIELDS>;
export const sayingsSchema = Joi.array().items(wholeOf(SAYING_FIELDS)).max(LIMITS.sayings);

/** [startMs, endMs) of a recording, null to its end; clean: without the noise of the room. */
export interface RecordedPart {
  takeId: string;
  startMs: Milliseconds;
  endMs: Milliseconds | null;
  clean: boolean;
}

/** synthetic: a voice says the spoken words. take: they are heard in a recording. */
export type Narration = { kind: 'synthetic' } | ({ kind: 'take' } & RecordedPart);

const recordedPart = {
  takeId: idSchema.required(),
  startMs: moment.required(),
  endMs: moment.allow(null).required(),
  clean: Joi.boolean().required(),
};
export const recordedPartSchema = Joi.object<RecordedPart>(recordedPart).custom(
  inOrder('startMs', 'endMs', 'The part of the recording'),
);

const narration = Joi.alternatives().try(
  Joi.object({ kind: Joi.valid('synthetic').required() }),
  Joi.object({ kind: Joi.valid('take').required(), ...recordedPart }).custom(
    inOrder('startMs', 'endMs', 'The part of the recording'),
  ),
);

/** Where a line came from: its place in the source ("p4.1", "fact:price") and the sentence as it stands there. */
export interface LineOrigin {
  ref: string;
  text: string;
}

/** Part of a text: text.slice(start, end). */
export type Span = [start: number, end: number];

const words = Joi.string().allow('').max(LIMITS.textLength);
const place = Joi.number().integer().min(0).max(LIMITS.textLength).required();

export const SCENE_FIELDS = {
  layout: field<Layout>('caption', oneOf(LAYOUT_NAMES)),
  /** Words on the screen. */
  shown: field<string>('', words),
  /** Parts of the shown words that the writer stresses, in order, not overlapping. */
  highlights: field<Span[]>([], Joi.array().items(Joi.array().ordered(place, place)).max(100)),
  /** Words for the voice; null speaks what is shown. An empty string is silence. */
  spoken: field<string | null>(null, words.allow(null)),
  narration: field<Narration>({ kind: 'synthetic' }, narration),
  /** Recordings of the scene, in order; the narration is part of one of them, or of a longer one, or none. */
  recorded: field<string[]>([], Joi.array().items(idSchema).max(LIMITS.recorded).unique()),
  /** Who speaks, by name; null or a name that the piece does not know: the voice of the piece. */
  speaker: field<string | null>(null, Joi.string().max(LIMITS.nameLength).allow(null)),
  /** A voice of its own, before that of the speaker; null for none. */
  voice: field<PieceVoice | null>(null, voiceSchema.allow(null)),
  /** Its words in other languages, each once. */
  translations: field<Translation[]>(
    [],
    Joi.array().items(translationSchema).max(LIMITS.languages).unique('language'),
  ),
  /** What the picture should show, from [brackets] or typed; empty when the line itself decides. */
  brief: field<string>('', Joi.string().allow('').max(LIMITS.briefLength)),
  /** Pictures that follow each other, each for an equal share of the scene. */
  pictures: field<Placement[]>([], Joi.array().items(wholeOf(PLACEMENT_FIELDS)).max(LIMITS.pictures)),
  /** The last picture of the scene before goes on through this one; its own wait. */
  runsOn: field<boolean>(false, Joi.boolean()),
  /** null: as the pictures are. */
  grading: field<Grading | null>(null, wholeOf(GRADING_FIELDS).allow(null)),
  /** On the border to the scene before; null as the piece has it. */
  transition: field<BorderTransition | null>(null, wholeOf(TRANSITION_FIELDS).allow(null)),
  /** What is heard as the scene begins; null as the piece has it. */
  effect: field<SceneEffect | null>(null, sceneEffectSchema.allow(null)),
  /** null: as the piece is. */
  look: field<SceneLook | null>(null, wholeOf(SCENE_LOOK_FIELDS).allow(null)),
  /** Length set by hand; null follows the voice. */
  durationMs: field<Milliseconds | null>(
    null,
    Joi.number().integer().min(LIMITS.minSceneMs).max(LIMITS.maxSceneMs).allow(null),
  ),
  /** null for a line that the writer wrote here. */
  from: field<LineOrigin | null>(
    null,
    Joi.object({ ref: Joi.string().max(80).required(), text: words.required() }).allow(null),
  ),
};
/** One row of the sheet. */
export type Scene = { id: string } & Of<typeof SCENE_FIELDS>;

export const emptyScene = (id: string): Scene => ({ id, ...firstOf(SCENE_FIELDS) });

/** Music made for the piece: the composer's piece of a mood that a seed chooses. */
export interface ComposedMusic {
  kind: 'composed';
  mood: Mood;
  seed: number;
}
/** A track that was brought, from a moment of it on. */
export interface BroughtMusic {
  kind: 'brought';
  trackId: string;
  startMs: Milliseconds;
}
/** No music from here on. */
interface Silence {
  kind: 'silence';
}
/** Where the music of a bed comes from. */
export type BedSource = ComposedMusic | BroughtMusic | Silence;
/** What a track is made from. */
export type TrackSource = ComposedMusic | BroughtMusic;

export const trackSource = Joi.alternatives<TrackSource>().try(
  Joi.object({
    kind: Joi.valid('composed').required(),
    mood: oneOf(MOOD_NAMES).required(),
    seed: Joi.number().integer().min(0).max(1_000_000).required(),
  }),
  Joi.object({
    kind: Joi.valid('brought').required(),
    trackId: idSchema.required(),
    startMs: Joi.number().integer().min(0).max(LIMITS.pieceMs).required(),
  }),
);
const bedSource = Joi.alternatives<BedSource>().try(
  trackSource,
  Joi.object({ kind: Joi.valid('silence').required() }),
);

const pieceMoment = Joi.number().integer().min(0).max(LIMITS.pieceMs);
const BED_FIELDS = {
  /** [startMs, endMs) of the piece; null: to its end. */
  startMs: field<Milliseconds>(0, pieceMoment),
  endMs: field<Milliseconds | null>(null, pieceMoment.allow(null)),
  /** The scene with which it begins, and the stretch before ends; null: at startMs. Without that scene it is not heard. */
  fromScene: field<string | null>(null, idSchema.allow(null)),
  source: field<BedSource>({ kind: 'composed', mood: 'gentle', seed: 1 }, bedSource),
  /** Added to the level that the mixer finds right, dB, -30 to 12. */
  gainDb: field<Decibels>(0, Joi.number().min(-30).max(12)),
  /** How far it goes down under the voice, dB, 0 to 40; null as the mixer finds right. */
  duckDb: field<Decibels | null>(null, Joi.number().min(0).max(40).allow(null)),
};
/** A stretch of music under the piece. */
export type Bed = { id: string } & Of<typeof BED_FIELDS>;

export const newBed = (id: string, source: BedSource): Bed => ({ id, ...firstOf(BED_FIELDS), source });

/** The mood of the first music of a piece; null without music, and where it was brought. */
export const musicMood = (beds: readonly Bed[]): Mood | null =>
  beds[0]?.source.kind === 'composed' ? beds[0].source.mood : null;

/** What the words came from; id is that of the stored source, null when it was not kept. */
export interface PieceSource {
  id: string | null;
  kind: SourceKind;
  title: string;
}

/** A finding of the proof that is left as it is. */
export interface Waiver {
  check: string;
  sceneId: string;
  /** As the writer says; may be empty. */
  reason: string;
}

const waiver = Joi.object({
  check: Joi.string()
    .pattern(/^[a-z-]{1,40}$/)
    .required(),
  sceneId: idSchema.required(),
  reason: Joi.string().allow('').max(200).required(),
});

export const PIECE_FIELDS = {
  title: field<string>('', Joi.string().allow('').max(LIMITS.titleLength)),
  format: field<Format>('9:16', formatSchema()),
  look: field<LookName>('paper-tape', oneOf(LOOK_NAMES)),
  /** What all scenes change of the look. */
  style: field<Style>(AS_THE_LOOK, wholeOf(STYLE_FIELDS)),
  /** On every border that has none of its own; null as the look has it. */
  transition: field<BorderTransition | null>(null, wholeOf(TRANSITION_FIELDS).allow(null)),
  voice: field<PieceVoice>(firstOf(VOICE_FIELDS), voiceSchema),
  speakers: field<Speaker[]>(
    [],
    Joi.array().items(wholeOf(SPEAKER_FIELDS)).max(LIMITS.speakers).unique('name'),
  ),
  /** How words are read. */
  says: field<Saying[]>([], sayingsSchema),
  beds: field<Bed[]>(
    [],
    Joi.array()
      .items(wholeOf(BED_FIELDS, { id: idSchema }).custom(inOrder('startMs', 'endMs', 'A stretch of music')))
      .max(LIMITS.beds)
      .unique('id'),
  ),
  source: field<PieceSource | null>(
    null,
    Joi.object({
      id: idSchema.allow(null).required(),
      kind: oneOf(SOURCE_KINDS).required(),
      title: Joi.string().allow('').max(500).required(),
    }).allow(null),
  ),
  /** How long the whole shall be; null when it does not matter. */
  targetMs: field<Milliseconds | null>(
    null,
    Joi.number().integer().min(1000).max(LIMITS.pieceMs).allow(null),
  ),
  /** Whether pictures change on the beats of the music. */
  onBeat: field<OnBeat>('free', oneOf(ON_BEAT)),
  /** What is heard on borders that have nothing of their own: nothing, what goes with the transition, or one effect. */
  borderSound: field<BorderSound>('none', oneOf(BORDER_SOUNDS)),
  /** Findings of the proof that the writer leaves as they are, by their code and scene. */
  waived: field<Waiver[]>([], Joi.array().items(waiver).max(LIMITS.waived)),
  /** Words of caption scenes on the screen. */
  captions: field<boolean>(true, Joi.boolean()),
  deliveries: field<Delivery[]>(
    [newDelivery('video')],
    Joi.array().items(deliverySchema).max(LIMITS.deliveries).unique('id'),
  ),
  /** Texts that go with it, for destinations at which the writer has been. */
  kit: field<KitEntry[]>(
    [],
    Joi.array().items(kitEntrySchema).max(LIMITS.destinations).unique('destination'),
  ),
  /** The moment of the piece that is its cover; null: the opening. */
  coverMs: field<Milliseconds | null>(null, pieceMoment.allow(null)),
};
/** One video in the making. */
export type Piece = { version: typeof PIECE_VERSION; scenes: Scene[] } & Of<typeof PIECE_FIELDS>;

export const emptyPiece = (): Piece => ({ version: PIECE_VERSION, ...firstOf(PIECE_FIELDS), scenes: [] });

/** What the voice says in a scene. */
export const spokenOf = (scene: Pick<Scene, 'spoken' | 'shown'>): string => scene.spoken ?? scene.shown;

/** The voice that speaks in a scene. */
export const voiceIn = (
  piece: Pick<Piece, 'voice' | 'speakers'>,
  scene: Pick<Scene, 'voice' | 'speaker'>,
): PieceVoice => scene.voice ?? piece.speakers.find((s) => s.name === scene.speaker)?.voice ?? piece.voice;
