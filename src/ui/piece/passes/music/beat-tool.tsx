'use client';

import { Radio } from 'antd';
import { FIRM_BEAT } from '../../../../core/music/grid.ts';
import { MOODS } from '../../../../core/music/moods.ts';
import { ON_BEAT, type OnBeat } from '../../../../core/music/on-beat.ts';
import { pieceEdit } from '../../../../core/piece/edit.ts';
import { useOwnTracks } from '../../../shared/use-own-tracks.ts';
import { usePiece } from '../../context.ts';
import { useBed } from './use-bed.ts';

const WORDS: Record<OnBeat, string> = {
  free: 'As the voice has it',
  bar: 'With every bar',
  half: 'With every half bar',
  beat: 'With every beat',
};

/** Whether pictures change with the music, and how often they may. */
export function BeatTool() {
  const { apply } = usePiece();
  const { piece, bed } = useBed();
  const { byId } = useOwnTracks();
  const source = bed?.source ?? { kind: 'silence' as const };
  const track = source.kind === 'brought' ? byId[source.trackId] : undefined;
  const tempo =
    source.kind === 'composed'
      ? MOODS[source.mood].tempo
      : track && track.sure >= FIRM_BEAT
        ? track.tempo
        : null;
  const meter = track?.meter ?? 4;
  const seconds = (of: Exclude<OnBeat, 'free'>) =>
    tempo === null
      ? ''
      : `, up to ${((60 / tempo) * { bar: meter, half: meter === 4 ? 2 : meter, beat: 1 }[of]).toFixed(1)} s`;
  return (
    <>
      <Radio.Group
        className="voices"
        aria-label="When pictures change"
        value={piece.onBeat}
        onChange={(e) => apply(pieceEdit('on-beat', { onBeat: e.target.value }))}
      >
        {ON_BEAT.map((of) => (
          <div key={of} className="voices__row">
            <Radio value={of}>
              <strong>{WORDS[of]}</strong> {of !== 'free' && <small>a row waits for it{seconds(of)}</small>}
            </Radio>
          </div>
        ))}
      </Radio.Group>
      <p className="tools__note">
        {tempo === null
          ? source.kind === 'silence'
            ? 'There is no music in this row to follow.'
            : 'This music has no firm beat: pictures change as the voice has it.'
          : `${Math.round(tempo)} beats a minute. Nothing that is said is cut, and lengths that you set stay as they are.`}
      </p>
    </>
  );
}
