import { SUITED, suitedLooks } from '../../../core/look/choose.ts';
import { setClip } from '../../../core/piece/placements.ts';
import { setLook } from '../../../core/piece/style.ts';
import { WHOLE_CLIP } from '../../../core/piece/types.ts';
import { FPS } from '../../../core/time.ts';
import type { Timeline } from '../../../core/timeline/types.ts';
import type { PieceContextValue } from '../context.ts';
import { toggleWholeScreen } from '../monitor/whole-screen.ts';
import { PASS_NAMES, passOf } from '../passes.ts';
import type { RowActions } from '../sheet/row-actions.ts';

/** What an action may use. */
export interface Hands {
  piece: PieceContextValue;
  rows: RowActions;
  timeline: Timeline;
}

/** A key that is pressed: as KeyboardEvent.key in small letters. mod: Ctrl, or Cmd on a Mac. */
export interface Stroke {
  key: string;
  mod?: boolean;
  shift?: boolean;
  alt?: boolean;
}

export const GROUPS = ['Play', 'Go to', 'Scene', 'Piece'] as const;

/** Something that can be done, by its name in the palette and by its key. */
export interface Action {
  id: string;
  group: (typeof GROUPS)[number];
  label: string;
  strokes: readonly Stroke[];
  /** Its key works while words are typed, too. */
  whileTyping?: boolean;
  /** Its key is heard by the field of a row, which has the caret. */
  byRow?: boolean;
  run(hands: Hands): void;
}

const selected = ({ piece }: Hands): string | undefined => piece.view.state.selected[0];
const withScene = (act: (hands: Hands, id: string) => void) => (hands: Hands) => {
  const id = selected(hands);
  if (id) act(hands, id);
};
const seek = (by: number) => (h: Hands) => h.piece.player.seek(h.piece.player.view.frame + by);

/** Sets the beginning or the end of the selected clip's part at the moment that is seen. */
const setPart = (edge: 'inMs' | 'outMs') =>
  withScene(({ piece, timeline }, id) => {
    const { slot } = piece.view.state;
    const scene = piece.store.state.doc.scenes.find((s) => s.id === id);
    const laid = timeline.scenes.find((s) => s.sceneId === id);
    const shot = laid?.shots[slot];
    if (!scene || !laid || !shot?.clip) return;
    const part = scene.pictures[slot]?.clip ?? WHOLE_CLIP;
    const seen = Math.max(0, piece.player.view.frame - laid.start - shot.start);
    const at = Math.round(part.inMs + (seen * 1000 * part.speed) / FPS);
    const next = { ...part, [edge]: at };
    if (next.outMs === null || next.outMs > next.inMs) piece.apply(setClip(scene, slot, next));
  });

/** From one look that suits the piece to the next, and round. */
const nextLook = ({ piece }: Hands): void => {
  const { doc } = piece.store.state;
  const suited = suitedLooks(doc)
    .slice(0, SUITED)
    .map((l) => l.look);
  const next = suited[(suited.indexOf(doc.look) + 1) % suited.length];
  if (next) piece.apply(setLook(next));
};

/** Every action of the piece screen. */
export const ACTIONS: readonly Action[] = [
  {
    id: 'toggle',
    group: 'Play',
    label: 'Play or pause',
    strokes: [{ key: ' ' }],
    run: (h) => h.piece.player.toggle(),
  },
  { id: 'pause', group: 'Play', label: 'Pause', strokes: [{ key: 'k' }], run: (h) => h.piece.player.pause() },
  {
    id: 'play',
    group: 'Play',
    label: 'Play',
    strokes: [{ key: 'l' }],
    run: (h) => void h.piece.player.play(),
  },
  {
    ...{ id: 'play-here', group: 'Play', label: 'Play the selected scene from its beginning' },
    ...{ strokes: [{ key: 'enter', alt: true }], whileTyping: true },
    run: withScene((h, id) => h.rows.playFrom(id)),
  },
  { id: 'back', group: 'Play', label: 'Two seconds back', strokes: [{ key: 'j' }], run: seek(-2 * FPS) },
  {
    id: 'frame-back',
    group: 'Play',
    label: 'One frame back',
    strokes: [{ key: 'arrowleft' }],
    run: seek(-1),
  },
  { id: 'frame-on', group: 'Play', label: 'One frame on', strokes: [{ key: 'arrowright' }], run: seek(1) },
  {
    ...{ id: 'second-back', group: 'Play', label: 'One second back' },
    ...{ strokes: [{ key: 'arrowleft', shift: true }], run: seek(-FPS) },
  },
  {
    ...{ id: 'second-on', group: 'Play', label: 'One second on' },
    ...{ strokes: [{ key: 'arrowright', shift: true }], run: seek(FPS) },
  },
  {
    id: 'start',
    group: 'Play',
    label: 'To the start',
    strokes: [{ key: 'home' }],
    run: (h) => h.piece.player.seek(0),
  },
  {
    ...{ id: 'next-look', group: 'Piece', label: 'Another look that suits the piece' },
    ...{ strokes: [{ key: 'y' }], run: nextLook },
  },
  {
    ...{ id: 'whole-screen', group: 'Play', label: 'Monitor on the whole screen', strokes: [{ key: 'f' }] },
    run: () => toggleWholeScreen(document.querySelector('.monitor__room')),
  },
  {
    id: 'part-from',
    group: 'Play',
    label: 'Clip: its part begins here',
    strokes: [{ key: 'i' }],
    run: setPart('inMs'),
  },
  {
    id: 'part-to',
    group: 'Play',
    label: 'Clip: its part ends here',
    strokes: [{ key: 'o' }],
    run: setPart('outMs'),
  },

  ...PASS_NAMES.map(
    (name, i): Action => ({
      ...{ id: `pass-${name}`, group: 'Go to', label: `Pass: ${passOf(name).label}` },
      ...{ strokes: [{ key: String(i + 1) }] },
      run: (h) => h.piece.view.setPass(name),
    }),
  ),
  {
    ...{ id: 'find', group: 'Go to', label: 'Find and replace words' },
    ...{ strokes: [{ key: 'f', mod: true }], whileTyping: true, run: (h) => h.rows.find() },
  },
  {
    ...{ id: 'render', group: 'Go to', label: 'Render', strokes: [{ key: 'enter', mod: true, shift: true }] },
    ...{ whileTyping: true, run: (h) => h.piece.view.setDelivering(true) },
  },
  {
    ...{ id: 'palette', group: 'Go to', label: 'All actions', strokes: [{ key: 'k', mod: true }] },
    ...{ whileTyping: true, run: (h) => h.piece.view.show('palette') },
  },
  {
    id: 'keys',
    group: 'Go to',
    label: 'All keys',
    strokes: [{ key: '?' }],
    run: (h) => h.piece.view.show('keys'),
  },

  {
    ...{
      id: 'split',
      group: 'Scene',
      label: 'End the scene at the caret',
      strokes: [{ key: 'enter' }],
      byRow: true,
    },
    run: withScene((h, id) =>
      h.rows.split(id, h.piece.view.caret?.sceneId === id ? h.piece.view.caret.from : 0),
    ),
  },
  {
    ...{ id: 'join', group: 'Scene', label: 'Join with the scene before', strokes: [{ key: 'backspace' }] },
    ...{ byRow: true, run: withScene((h, id) => h.rows.join(id)) },
  },
  {
    ...{
      id: 'insert',
      group: 'Scene',
      label: 'Insert a scene below',
      strokes: [{ key: 'enter', mod: true }],
    },
    ...{ byRow: true, run: withScene((h, id) => h.rows.insertAfter(id)) },
  },
  {
    ...{ id: 'duplicate', group: 'Scene', label: 'Duplicate', strokes: [{ key: 'd', mod: true }] },
    ...{ byRow: true, run: withScene((h, id) => h.rows.duplicate(id)) },
  },
  {
    ...{
      id: 'remove',
      group: 'Scene',
      label: 'Delete',
      strokes: [{ key: 'backspace', mod: true, shift: true }],
    },
    ...{ byRow: true, run: withScene((h, id) => h.rows.remove(id)) },
  },
  {
    ...{ id: 'up', group: 'Scene', label: 'Move up', strokes: [{ key: 'arrowup', alt: true }] },
    ...{ byRow: true, run: withScene((h, id) => h.rows.move(id, -1)) },
  },
  {
    ...{ id: 'down', group: 'Scene', label: 'Move down', strokes: [{ key: 'arrowdown', alt: true }] },
    ...{ byRow: true, run: withScene((h, id) => h.rows.move(id, 1)) },
  },
  {
    ...{ id: 'highlight', group: 'Scene', label: 'Highlight the word at the caret' },
    ...{ strokes: [{ key: 'm', mod: true }], byRow: true },
    run: withScene((h, id) => {
      const caret = h.piece.view.caret;
      if (caret?.sceneId === id) h.rows.highlight(id, caret.from, caret.to);
    }),
  },
  {
    ...{
      id: 'all',
      group: 'Scene',
      label: 'Select all scenes',
      strokes: [{ key: 'a', mod: true }],
      byRow: true,
    },
    run: (h) => h.rows.selectAll(),
  },

  {
    ...{ id: 'undo', group: 'Piece', label: 'Take the last step back', strokes: [{ key: 'z', mod: true }] },
    ...{ whileTyping: true, run: (h) => h.rows.undo() },
  },
  {
    ...{ id: 'redo', group: 'Piece', label: 'Take the step again' },
    strokes: [
      { key: 'z', mod: true, shift: true },
      { key: 'y', mod: true },
    ],
    ...{ whileTyping: true, run: (h) => h.rows.redo() },
  },
  {
    ...{ id: 'save', group: 'Piece', label: 'Save now', strokes: [{ key: 's', mod: true }] },
    ...{ whileTyping: true, run: (h) => void h.piece.store.flush() },
  },
  {
    ...{ id: 'versions', group: 'Piece', label: 'Earlier states, and keep this one by name', strokes: [] },
    run: ({ piece: { store } }) =>
      void store.flush().then(() => window.location.assign(`/piece/${store.state.id}/versions`)),
  },
];

/** Whether a stroke is this one. The question mark needs a shift on some keyboards, none on others. */
export const isStroke = (
  e: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'shiftKey' | 'altKey'>,
  s: Stroke,
): boolean =>
  e.key.toLowerCase() === s.key &&
  (e.ctrlKey || e.metaKey) === (s.mod ?? false) &&
  e.altKey === (s.alt ?? false) &&
  (s.key === '?' || e.shiftKey === (s.shift ?? false));

const NAMES: Record<string, string> = {
  ' ': 'Space',
  arrowleft: '←',
  arrowright: '→',
  arrowup: '↑',
  arrowdown: '↓',
  enter: 'Enter',
  home: 'Home',
  backspace: 'Backspace',
};

/** Whether keys are called as on a Mac. */
export const onMac = (): boolean => /mac/i.test(navigator.platform);

/** A stroke as it is written on keys. */
export const strokeWords = ({ key, mod, shift, alt }: Stroke, mac: boolean): string =>
  [mod && (mac ? '⌘' : 'Ctrl'), alt && (mac ? '⌥' : 'Alt'), shift && 'Shift', NAMES[key] ?? key.toUpperCase()]
    .filter(Boolean)
    .join(mac ? '' : ' ');
