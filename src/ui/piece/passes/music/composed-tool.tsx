'use client';

import { Button, Radio } from 'antd';
import { useMemo } from 'react';
import { formOf } from '../../../../core/music/form.ts';
import { MOODS, type Mood } from '../../../../core/music/moods.ts';
import { suitedMoods } from '../../../../core/music/suited.ts';
import type { ComposedMusic } from '../../../../core/piece/types.ts';
import type { Decibels, Milliseconds } from '../../../../core/time.ts';
import { lookReasonWords } from '../../../../wording/style.ts';
import { ListenButton } from '../../../shared/listen-button.tsx';
import { type Playing, playedTune } from '../../../shared/use-playing.ts';
import { useBed } from './use-bed.ts';

/** Stands for no music among the moods. */
const NONE = 'none';
/** So long a mood is heard before it is chosen, and so many tunes of it are offered at once. */
const HEARD_MS = 20_000;
const TUNES = 3;

/** Mood, and the tunes of it. */
export function ComposedTool({ playing }: { playing: Playing }) {
  const { piece, bed, laid, level, choose, change } = useBed();
  const suited = useMemo(() => suitedMoods(piece).filter((s) => s.reasons.length > 0), [piece]);
  const source = bed?.source.kind === 'composed' ? bed.source : null;
  const seed = source?.seed ?? 1;
  const chosen = source?.mood ?? (!bed || bed.source.kind === 'silence' ? NONE : null);
  return (
    <>
      <Radio.Group
        className="voices music__moods"
        value={chosen}
        aria-label="Mood"
        onChange={({ target: { value } }) =>
          choose(value === NONE ? { kind: 'silence' } : { kind: 'composed', mood: value as Mood, seed })
        }
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
                make={() => playedTune({ kind: 'composed', mood, seed }, HEARD_MS)}
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
      {source && (
        <p className="tools__note">
          {MOODS[source.mood].describe}.{laid?.track && ` ${formWords(laid.track.bars.length - 1)}`}
        </p>
      )}
      {suited[0] && (
        <p className="tools__note">
          <span className="music__suits">{MOODS[suited[0].mood].label}</span> suits it:{' '}
          {lookReasonWords(suited[0].reasons)}.
        </p>
      )}
      {source && laid && (
        <Tunes
          source={source}
          playing={playing}
          level={level}
          lengthMs={laid.wanted.lengthMs}
          onChoose={(s) => change({ source: { ...source, seed: s } }, 'another-tune')}
        />
      )}
    </>
  );
}

/** How music of so many bars is built, part by part. */
function formWords(bars: number): string {
  const parts = formOf(bars).map((p, i) => (i === 0 ? `${p.name} ${p.bars} bars` : `${p.name} ${p.bars}`));
  return `It goes by ${[...parts, 'a last chord'].join(', ')}.`;
}

/** Tunes of one mood, each made to the length of the piece; the one that is taken stands among them. */
function Tunes({
  source,
  playing,
  level,
  lengthMs,
  onChoose,
}: {
  source: ComposedMusic;
  playing: Playing;
  level: Decibels;
  lengthMs: Milliseconds;
  onChoose(seed: number): void;
}) {
  const { seed } = source;
  const first = seed - ((((seed - 1) % TUNES) + TUNES) % TUNES);
  return (
    <section className="tunes" aria-label={`Tunes, ${MOODS[source.mood].label}`}>
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
            make={() => playedTune({ ...source, seed: s }, lengthMs)}
          />
        </span>
      ))}
      <Button size="small" onClick={() => onChoose(((first + TUNES - 1) % 999) + 1)}>
        Others
      </Button>
    </section>
  );
}
