'use client';

import { App, Button, Radio, Slider } from 'antd';
import { useMemo } from 'react';
import { MOODS, type Mood } from '../../../../core/music/moods.ts';
import { suitedMoods } from '../../../../core/music/suited.ts';
import { pieceEdit } from '../../../../core/piece/edit.ts';
import { type Bed, newBed } from '../../../../core/piece/types.ts';
import { MIX } from '../../../../core/sound/mix.ts';
import type { Decibels, Milliseconds } from '../../../../core/time.ts';
import { lookReasonWords } from '../../../../wording/style.ts';
import { ListenButton } from '../../../shared/listen-button.tsx';
import { type Playing, playedTune, usePlaying } from '../../../shared/use-playing.ts';
import { useMaterialState, usePiece, usePieceState, useTimelineNow } from '../../context.ts';
import type { MaterialState } from '../../material/material.ts';
import './music.css';

const STATES: Record<MaterialState['music'], string> = {
  none: 'No music in this piece.',
  waiting: 'The music is made when the voices have come and the length is known.',
  making: 'The music is being played in.',
  ready: 'Composed to the length of this piece; it ends with it.',
  failed: 'The music could not be made. Choose it again to try once more.',
};

/** Stands for no music among the moods. */
const NONE = 'none';
/** So long a mood is heard before it is chosen, and so many tunes of it are offered at once. */
const HEARD_MS = 20_000;
const TUNES = 3;

/** Mood, the tunes of it, and the level. */
export function MusicTools() {
  const state = useMaterialState((s) => s.music);
  const { apply } = usePiece();
  const { message } = App.useApp();
  const piece = usePieceState((s) => s.doc);
  const { beds } = piece;
  const timeline = useTimelineNow();
  const playing = usePlaying((m) => message.error(m));
  const suited = useMemo(() => suitedMoods(piece).filter((s) => s.reasons.length > 0), [piece]);
  const [bed, ...others] = beds;
  const put = (name: string, next: Bed[]) => apply(pieceEdit(name, { beds: next }));
  const set = (name: string, change: Partial<Bed>) => bed && put(name, [{ ...bed, ...change }, ...others]);
  const choose = (mood: Mood | typeof NONE) => {
    if (mood === NONE) put('music', []);
    else if (bed) set('music', { source: { ...bed.source, mood } });
    else put('music', [newBed('music', { kind: 'composed', mood, seed: 1 })]);
  };
  const gainDb = bed?.gainDb ?? 0;
  const level = MIX.musicOpenDb + gainDb;
  const wanted = timeline.sound.beds[0]?.wanted;
  return (
    <>
      <div className="tools__head">
        <h2>Music</h2>
      </div>
      <p className="tools__note" aria-live="polite">
        {STATES[state]}
      </p>
      <Radio.Group
        className="voices music__moods"
        value={bed?.source.mood ?? NONE}
        aria-label="Mood"
        onChange={(e) => choose(e.target.value)}
      >
        {(Object.keys(MOODS) as Mood[]).map((mood) => {
          const why = suited.findIndex((s) => s.mood === mood);
          return (
            <div key={mood} className="voices__row" title={MOODS[mood].describe}>
              <Radio value={mood}>
                <strong className={why === 0 ? 'music__suits' : ''}>{MOODS[mood].label}</strong>
              </Radio>
              <ListenButton
                playing={playing}
                name={mood}
                label={MOODS[mood].label}
                level={level}
                make={() => playedTune({ mood, seed: bed?.source.seed ?? 1, lengthMs: HEARD_MS })}
              />
            </div>
          );
        })}
        <div className="voices__row">
          <Radio value={NONE}>
            <strong>No music</strong>
          </Radio>
        </div>
      </Radio.Group>
      {bed && <p className="tools__note">{MOODS[bed.source.mood].describe}.</p>}
      {suited[0] && (
        <p className="tools__note">
          <span className="music__suits">{MOODS[suited[0].mood].label}</span> suits it:{' '}
          {lookReasonWords(suited[0].reasons)}.
        </p>
      )}
      {bed && wanted && (
        <Tunes
          bed={bed}
          playing={playing}
          level={level}
          lengthMs={wanted.lengthMs}
          onChoose={(seed) => set('another-tune', { source: { ...bed.source, seed } })}
        />
      )}
      <div className="tools__field">
        <span>
          Level: {gainDb === 0 ? 'as mixed' : `${gainDb > 0 ? '+' : ''}${gainDb} dB`}; under the voice it goes
          down by {Math.round(MIX.musicOpenDb - MIX.musicUnderVoiceDb)} dB more
        </span>
      </div>
      <Slider
        ariaLabelForHandle="Level of the music"
        min={-18}
        max={9}
        step={1}
        key={gainDb}
        defaultValue={gainDb}
        disabled={!bed}
        marks={{ [-18]: 'faint', 0: 'as mixed', 9: 'strong' }}
        onChangeComplete={(db) => set('music-level', { gainDb: db })}
      />
    </>
  );
}

/** Tunes of one mood, each made to the length of the piece; the one that is taken stands among them. */
function Tunes({
  bed,
  playing,
  level,
  lengthMs,
  onChoose,
}: {
  bed: Bed;
  playing: Playing;
  level: Decibels;
  lengthMs: Milliseconds;
  onChoose(seed: number): void;
}) {
  const { seed } = bed.source;
  const first = seed - ((((seed - 1) % TUNES) + TUNES) % TUNES);
  return (
    <section className="tunes" aria-label={`Tunes, ${MOODS[bed.source.mood].label}`}>
      {Array.from({ length: TUNES }, (_, i) => first + i).map((s, i) => (
        <span key={s} className="tunes__tune">
          <Button
            size="small"
            type={s === seed ? 'primary' : 'default'}
            aria-pressed={s === seed}
            onClick={() => onChoose(s)}
          >
            Tune {i + 1}
          </Button>
          <ListenButton
            playing={playing}
            name={`tune ${s}`}
            label={`tune ${i + 1}`}
            level={level}
            make={() => playedTune({ mood: bed.source.mood, seed: s, lengthMs })}
          />
        </span>
      ))}
      <Button size="small" onClick={() => onChoose(((first + TUNES - 1) % 999) + 1)}>
        Others
      </Button>
    </section>
  );
}
