'use client';

import { Button, Select, Slider } from 'antd';
import { TRANSITIONS } from '../../../../core/look/transitions.ts';
import { edit, pieceEdit } from '../../../../core/piece/edit.ts';
import { type BorderSound, newEffect, type SceneEffect } from '../../../../core/piece/effects.ts';
import { EFFECT_NAMES, EFFECTS } from '../../../../core/sound/effects.ts';
import { MIX } from '../../../../core/sound/mix.ts';
import { effectAddress } from '../../../shared/effect-address.ts';
import { ListenButton } from '../../../shared/listen-button.tsx';
import type { Playing } from '../../../shared/use-playing.ts';
import { usePiece, usePieceState, useTimelineNow, useViewState } from '../../context.ts';

const ON_BORDERS: { value: BorderSound; label: string }[] = [
  { value: 'none', label: 'Nothing' },
  { value: 'fitting', label: 'What goes with the transition' },
  ...EFFECT_NAMES.map((value) => ({ value, label: EFFECTS[value].label })),
];

/** Short sounds: on the borders of the piece, and as the selected rows begin. */
export function EffectsTool({ playing }: { playing: Playing }) {
  const { apply, store } = usePiece();
  const borderSound = usePieceState((s) => s.doc.borderSound);
  const scenes = usePieceState((s) => s.doc.scenes);
  const selected = useViewState((s) => s.selected);
  const timeline = useTimelineNow();
  const rows = scenes.filter((s) => selected.includes(s.id));
  const own = rows[0]?.effect ?? null;
  const put = (effect: SceneEffect | null) => {
    const now = store.state.doc.scenes.filter((s) => selected.includes(s.id));
    apply(
      edit(
        'effect',
        now.map((s) => ({ op: 'scene', id: s.id, patch: { effect } })),
      ),
    );
  };
  const here = timeline.scenes.find((s) => s.sceneId === rows[0]?.id);
  const fitting = here && here.transition.frames > 0 ? TRANSITIONS[here.transition.kind].sound : null;
  return (
    <div className="effects">
      <div className="tools__field">
        <span>On every border</span>
        <Select
          size="small"
          aria-label="What is heard on every border"
          value={borderSound}
          onChange={(value) => apply(pieceEdit('border-sound', { borderSound: value }))}
          options={ON_BORDERS}
          popupMatchSelectWidth={false}
        />
      </div>
      <fieldset className="effects__list" aria-label="As the row begins">
        <legend>
          {rows.length > 1
            ? `As these ${rows.length} rows begin`
            : rows.length
              ? 'As this row begins'
              : 'Select a row'}
        </legend>
        {[...EFFECT_NAMES, 'none' as const].map((name) => (
          <span key={name} className="effects__one">
            <Button
              size="small"
              type={own?.name === name ? 'primary' : 'default'}
              aria-pressed={own?.name === name}
              disabled={!rows.length}
              onClick={() => put(own?.name === name ? null : newEffect(name))}
            >
              {name === 'none' ? 'Silent' : EFFECTS[name].label}
            </Button>
            {name !== 'none' && (
              <ListenButton
                playing={playing}
                name={`effect ${name}`}
                label={EFFECTS[name].label}
                level={MIX.effectDb + 8}
                make={async () => effectAddress(name)}
              />
            )}
          </span>
        ))}
      </fieldset>
      {own && own.name !== 'none' && (
        <div className="tools__field">
          <span>
            Level of it: {own.gainDb === 0 ? 'as mixed' : `${own.gainDb > 0 ? '+' : ''}${own.gainDb} dB`}
          </span>
          <Slider
            ariaLabelForHandle="Level of the effect"
            min={-18}
            max={9}
            key={own.gainDb}
            defaultValue={own.gainDb}
            onChangeComplete={(gainDb) => put({ ...own, gainDb })}
          />
        </div>
      )}
      <p className="tools__note">
        {own
          ? 'The row has a sound of its own; press it again to have it as the piece.'
          : borderSound === 'fitting' && rows[0]
            ? fitting
              ? `Its transition brings “${EFFECTS[fitting].label}”.`
              : 'Its transition is best silent.'
            : 'They lie well under the voice, and go with the cut to the frame.'}
      </p>
    </div>
  );
}
