import { describe, expect, it } from 'vitest';
import type { Edit } from './edit.ts';
import {
  choosePicture,
  nabEdit,
  removePicture,
  setClip,
  setFraming,
  setGrading,
  setRunsOn,
} from './placements.ts';
import {
  chooseRecording,
  dropRecording,
  narratePiece,
  speakAgain,
  takeRecording,
  trimRecording,
} from './record.ts';
import { picture, piece, scene } from './testing.ts';
import { PLAIN_GRADING } from './types.ts';
import {
  changeVoice,
  clearVoice,
  removeSaying,
  removeSpeaker,
  renameSpeaker,
  setSaying,
  setSpeaker,
} from './voice.ts';

const plain = scene('a');
const shown = scene('b', 'It waits.', { pictures: [picture('p', { by: 'writer' })] });
const take = { kind: 'take', takeId: 't1', startMs: 0, endMs: null, clean: true } as const;
const heard = scene('c', 'It waits.', { recorded: ['t1', 't2'], narration: take });
const part = { id: 't2', startMs: 10, endMs: 900 };
const voice = { name: 'maud', pace: 1, pitch: 0, tone: 'plain', pauses: 1 } as const;
const spoken = scene('d', 'It waits.', { voice });
const two = piece([scene('a', 'Hello.', { speaker: 'Anna' }), scene('b', 'Yes.')], {
  speakers: [{ name: 'Anna', voice }],
});
const all = { of: 'piece' } as const;

describe('what is done has its name in the history', () => {
  it.each<[string, Edit | null]>([
    ['change-picture', choosePicture(plain, 'p')],
    ['change-picture', choosePicture(shown, 'q')],
    ['add-picture', choosePicture(shown, 'q', 1)],
    ['remove-picture', removePicture(shown, 0)],
    ['frame', setFraming(shown, 0, null)],
    ['clip', setClip(shown, 0, null)],
    ['grade', setGrading([plain], PLAIN_GRADING)],
    ['run-on', setRunsOn(plain, true)],
    ['own-picture', setRunsOn(plain, false)],
    ['nab', nabEdit([plain], { a: picture('p') })],
    ['record', takeRecording(plain, part)],
    ['record', chooseRecording(heard, part)],
    ['record', dropRecording(heard, 't1')],
    ['record', narratePiece(piece([plain]), 't9', [{ startMs: 0, endMs: 500 }])],
    ['speak', speakAgain([heard])],
    ['trim', trimRecording(heard, { startMs: 40 })],
    ['voice', changeVoice(two, all, [], { pace: 1.2 })],
    ['voice', changeVoice(two, { of: 'speaker', name: 'Anna' }, [], { pace: 1.2 })],
    ['voice', changeVoice(two, { of: 'scenes' }, two.scenes, { pace: 1.2 })],
    ['voice', clearVoice([spoken])],
    ['speaker', setSpeaker(two, two.scenes, 'Berta')],
    ['speaker', removeSpeaker(two, 'Anna')],
    ['speaker', renameSpeaker(two, 'Anna', 'Berta')],
    ['says', setSaying(two, { written: 'Hollin', said: 'hollen' })],
    ['says', removeSaying(two, 'Hollin')],
  ])('%s', (name, edit) => expect(edit?.name).toBe(name));
});

describe('recordings of a scene', () => {
  it('the new one is heard, as clean as the one before, and stands last', () => {
    const { patch } = takeRecording(heard, part).ops[0] as { patch: object };
    expect(patch).toEqual({
      recorded: ['t1', 't2'],
      narration: { ...take, takeId: 't2', startMs: 10, endMs: 900 },
    });
    const third = takeRecording(heard, { ...part, id: 't3' }).ops[0] as { patch: { recorded: string[] } };
    expect(third.patch.recorded).toEqual(['t1', 't2', 't3']);
    const first = takeRecording(plain, part).ops[0] as { patch: { narration: object } };
    expect(first.patch.narration).toMatchObject({ clean: false });
  });

  it('one that is dropped is not heard any more; another one goes on being heard', () => {
    const patch = (id: string) => (dropRecording(heard, id).ops[0] as { patch: object }).patch;
    expect(patch('t1')).toEqual({ recorded: ['t2'], narration: { kind: 'synthetic' } });
    expect(patch('t2')).toEqual({ recorded: ['t1'] });
    expect(dropRecording(plain, 't1').ops[0]).toMatchObject({ patch: { recorded: [] } });
  });

  it('nothing is done where nothing was recorded', () => {
    expect(speakAgain([plain])).toBeNull();
    expect(trimRecording(plain, { startMs: 4 })).toBeNull();
    expect(narratePiece(piece([plain]), 't9', [null])).toBeNull();
  });
});

describe('who speaks', () => {
  it('touches only the rows of that speaker', () => {
    expect(removeSpeaker(two, 'Anna').ops).toEqual([
      { op: 'piece', patch: { speakers: [] } },
      { op: 'scene', id: 'a', patch: { speaker: null } },
    ]);
    expect(renameSpeaker(two, 'Anna', ' Berta ')?.ops).toEqual([
      { op: 'piece', patch: { speakers: [{ name: 'Berta', voice }] } },
      { op: 'scene', id: 'a', patch: { speaker: 'Berta' } },
    ]);
    for (const to of ['', '  ', 'Anna']) expect(renameSpeaker(two, 'Anna', to)).toBeNull();
    const three = { ...two, speakers: [...two.speakers, { name: 'Berta', voice }] };
    expect(renameSpeaker(three, 'Anna', 'Berta')).toBeNull();
  });

  it('casts a new name once, and somebody who is known not at all', () => {
    expect(setSpeaker(two, two.scenes, 'Berta')?.ops.map((o) => o.op)).toEqual(['piece', 'scene', 'scene']);
    expect(setSpeaker(two, two.scenes, ' Anna ')?.ops).toEqual([
      { op: 'scene', id: 'b', patch: { speaker: 'Anna' } },
    ]);
    expect(setSpeaker(two, two.scenes.slice(0, 1), 'Anna')).toBeNull();
    expect(setSpeaker(two, two.scenes, '  ')?.ops).toEqual([
      { op: 'scene', id: 'a', patch: { speaker: null } },
    ]);
  });

  it('says a word in one way only', () => {
    const says = [
      { written: 'Hollin', said: 'hollen' },
      { written: 'Venn', said: 'fen' },
    ];
    const p = { ...two, says };
    const next = (e: Edit | null) => (e?.ops[0] as { patch: { says: object[] } } | undefined)?.patch.says;
    expect(next(setSaying(p, { written: ' hollin ', said: 'holler' }))).toEqual([
      says[1],
      { written: 'hollin', said: 'holler' },
    ]);
    expect(next(removeSaying(p, 'Venn'))).toEqual([says[0]]);
    expect(setSaying(p, { written: ' ', said: 'x' })).toBeNull();
    expect(setSaying(p, { written: 'x', said: ' ' })).toBeNull();
  });
});
