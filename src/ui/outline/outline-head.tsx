'use client';

import { useMutation } from '@tanstack/react-query';
import { App, Button, InputNumber, Segmented, Select, Switch } from 'antd';
import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { createSource, type ReadAs } from '../../api/sources.ts';
import { ANGLE_LABELS, ANGLES, type Angle } from '../../core/outline/angles.ts';
import { TARGETS } from '../../core/outline/outline.ts';
import { blanks } from '../../core/text/blanks.ts';
import { clock } from '../../core/time.ts';
import { call } from '../shared/api.ts';
import type { Outline } from './use-outline.ts';

/** How many scenes and how long, and what of the whole can be chosen. */
export function OutlineHead({ outline, children }: { outline: Outline; children?: ReactNode }) {
  const { lines, source, choices, ms } = outline;
  const open = lines.reduce((n, l) => n + blanks(l.shown).length, 0);
  const over = choices.targetMs !== null && ms > choices.targetMs * 1.08;
  return (
    <div className="outline__top">
      <div className="outline__head">
        <h2 id="scenes-title">
          {lines.length} scene{lines.length === 1 ? '' : 's'}, about {clock(ms)}
        </h2>
        {over && <span className="blank-tag">longer than you want, by your own lines</span>}
        {open > 0 && (
          <span className="blank-tag">
            {open} blank{open === 1 ? '' : 's'} to fill
          </span>
        )}
      </div>
      <div className="outline__controls">
        {source.kind === 'product' && (
          <Select
            aria-label="Angle"
            value={choices.angle}
            onChange={(angle: Angle) => outline.choose({ angle })}
            options={ANGLES.map((value) => ({ value, label: ANGLE_LABELS[value] }))}
            style={{ width: 190 }}
          />
        )}
        <Target outline={outline} />
        {source.kind === 'article' && (
          <Segmented
            aria-label="The voice says"
            size="small"
            value={choices.speak}
            onChange={(v) => outline.choose({ speak: v as 'line' | 'sentence' })}
            options={[
              { value: 'sentence', label: 'Voice: whole sentences' },
              { value: 'line', label: 'Voice: the lines' },
            ]}
          />
        )}
        {source.kind === 'article' && (
          <span className="outline__switch">
            <Switch
              size="small"
              aria-label="Closing card with the source"
              checked={choices.closing}
              onChange={(closing) => outline.choose({ closing })}
            />{' '}
            closing card
          </span>
        )}
        <TakeAs outline={outline} />
        {children}
      </div>
    </div>
  );
}

function Target({ outline }: { outline: Outline }) {
  const { targetMs } = outline.choices;
  const [own, setOwn] = useState(false);
  const fixed = targetMs !== null && (TARGETS as readonly number[]).includes(targetMs);
  const value = own || (targetMs !== null && !fixed) ? 'own' : targetMs === null ? 'all' : String(targetMs);
  return (
    <span className="outline__target">
      <Segmented
        aria-label="Length"
        size="small"
        value={value}
        onChange={(v) => {
          setOwn(v === 'own');
          if (v === 'all') outline.choose({ targetMs: null });
          else if (v !== 'own')
            outline.choose({
              targetMs: Number(v),
              ...(outline.source.kind === 'article'
                ? { speak: Number(v) <= 20_000 ? 'line' : outline.choices.speak }
                : {}),
            });
        }}
        options={[
          ...TARGETS.map((t) => ({ value: String(t), label: `${t / 1000} s` })),
          { value: 'own', label: 'Own' },
          { value: 'all', label: 'All' },
        ]}
      />
      {value === 'own' && (
        <InputNumber
          aria-label="Own length in seconds"
          size="small"
          min={5}
          max={3600}
          value={targetMs === null ? null : targetMs / 1000}
          onChange={(v) => v && outline.choose({ targetMs: Math.round(v * 1000) }, 'target')}
          suffix="s"
          style={{ width: 84 }}
        />
      )}
    </span>
  );
}

/** A page can be taken for something else than what it was taken for: it is read again, and what was begun stays on the desk. */
function TakeAs({ outline }: { outline: Outline }) {
  const router = useRouter();
  const { message } = App.useApp();
  const { address, kind } = outline.source;
  const again = useMutation({
    mutationFn: (as: ReadAs) =>
      call(createSource, {
        body: { from: 'address', address: address ?? '', as, targetMs: null, options: outline.options },
      }),
    onSuccess: ({ id }) => router.push(`/outline/${id}`),
    onError: (e) => void message.error(e.message, 6),
  });
  const other = kind === 'product' ? 'article' : 'product';
  if (!address || (kind !== 'article' && kind !== 'product')) return null;
  return (
    <Button size="small" type="link" loading={again.isPending} onClick={() => again.mutate(other)}>
      {other === 'product' ? 'It is a shop’s page' : 'It is an article'}
    </Button>
  );
}
