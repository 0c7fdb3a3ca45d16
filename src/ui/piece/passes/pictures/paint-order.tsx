'use client';

import { BgColorsOutlined } from '@ant-design/icons';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, App, Button, Input, Select, Spin } from 'antd';
import { nanoid } from 'nanoid';
import { useDeferredValue, useState } from 'react';
import { type PaintAsk, paintPicture, planPicture } from '../../../../api/shelf.ts';
import type { Light, Stage } from '../../../../core/match/order.ts';
import { choosePicture } from '../../../../core/piece/placements.ts';
import type { Scene } from '../../../../core/piece/types.ts';
import { LIGHT_LABELS, planWords, STAGE_LABELS } from '../../../../wording/painting.ts';
import { call } from '../../../shared/api.ts';
import { addAssets } from '../../../shared/use-shelf.ts';
import { usePiece, usePieceState, useViewState } from '../../context.ts';

const newSeed = () => nanoid(12).replace(/[^A-Za-z0-9]/g, 'x');
const options = <K extends string>(labels: Record<K, string>) =>
  Object.entries<string>(labels).map(([value, label]) => ({ value: value as K, label }));

/** A picture painted to order for the scene, with what will be on it said first. */
export function PaintOrder({ scene, onDone }: { scene: Scene; onDone: () => void }) {
  const { store, apply } = usePiece();
  const { message } = App.useApp();
  const client = useQueryClient();
  const format = usePieceState((s) => s.doc.format);
  const slot = useViewState((s) => s.slot);
  const [words, setWords] = useState(scene.brief || scene.shown);
  const [seed, setSeed] = useState(newSeed);
  const [what, setWhat] = useState<string | null>(null);
  const [stage, setStage] = useState<Stage | null>(null);
  const [light, setLight] = useState<Light | null>(null);
  const ask: PaintAsk = {
    words: useDeferredValue(words.trim()).slice(0, 500),
    format,
    seed,
    what,
    stage,
    light,
  };
  const plan = useQuery({
    queryKey: ['paint-plan', ask],
    enabled: ask.words !== '',
    queryFn: ({ signal }) => call(planPicture, { body: ask }, { signal }),
    placeholderData: (old) => old,
  });
  const paint = useMutation({
    mutationFn: () => call(paintPicture, { body: ask }),
    onSuccess: (entry) => {
      addAssets(client, [entry]);
      void client.invalidateQueries({ queryKey: ['search'] });
      const now = store.state.doc.scenes.find((s) => s.id === scene.id);
      if (now) apply(choosePicture(now, entry.id, slot));
      setSeed(newSeed());
    },
    onError: (e) => void message.error(e.message, 6),
  });
  return (
    <section className="paint-order" aria-label="Paint to order">
      <Input
        aria-label="What the picture is for"
        value={words}
        onChange={(e) => {
          setWords(e.target.value);
          setWhat(null);
        }}
      />
      {plan.isError && <Alert type="warning" showIcon title={plan.error.message} />}
      {plan.data && (
        <>
          <p className="paint-order__says">{planWords(plan.data)}.</p>
          {!plan.data.sure && (
            <p className="tools__note">
              The studio can paint {plan.data.choices.length} things and places; none of them is near these
              words. Choose one yourself, or bring a picture of your own.
            </p>
          )}
          <div className="paint-order__choices">
            <Select
              aria-label="What is painted"
              size="small"
              showSearch={{ optionFilterProp: 'label' }}
              value={plan.data.order.what}
              onChange={(v) => setWhat(v)}
              options={plan.data.choices.map((c) => ({ value: c.what, label: c.title }))}
            />
            {plan.data.thing && (
              <Select
                aria-label="Where it stands"
                size="small"
                value={plan.data.order.stage}
                onChange={(v) => setStage(v)}
                options={options(STAGE_LABELS)}
              />
            )}
            <Select
              aria-label="In which light"
              size="small"
              value={plan.data.order.light}
              onChange={(v) => setLight(v)}
              options={options(LIGHT_LABELS)}
            />
          </div>
        </>
      )}
      <div className="tools__buttons">
        <Button
          type="primary"
          size="small"
          icon={<BgColorsOutlined aria-hidden />}
          loading={paint.isPending}
          disabled={!plan.data || ask.words === ''}
          onClick={() => paint.mutate()}
        >
          {paint.isPending ? 'Painting' : 'Paint it for this scene'}
        </Button>
        <Button size="small" onClick={() => setSeed(newSeed())}>
          Another way
        </Button>
        <Button size="small" onClick={onDone}>
          Back to the shelf
        </Button>
        {plan.isFetching && <Spin size="small" />}
      </div>
      <p className="tools__note">
        It is put together from the studio&rsquo;s paper shapes and marked as machine-made. Painted ones are
        on your shelf.
      </p>
    </section>
  );
}
