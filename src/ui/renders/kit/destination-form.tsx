'use client';

import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App, Button, Checkbox, Input, InputNumber, Segmented } from 'antd';
import { nanoid } from 'nanoid';
import { putDestinations } from '../../../api/destinations.ts';
import { type Destination, POST_TONES, type PostTone } from '../../../core/kit/destinations.ts';
import { usePiece } from '../../piece/context.ts';
import { call } from '../../shared/api.ts';
import { FormatSelect } from '../../shared/format-select.tsx';
import { SHORT_FORMATS } from '../../shared/formats.ts';
import { DESTINATIONS } from '../../shared/use-destinations.ts';

const TONES: Record<PostTone, string> = { plain: 'Plain', inviting: 'Inviting', personal: 'Personal' };

/** What a destination wants, for every piece; others are added and taken out. */
export function DestinationForm({
  destinations,
  of,
}: {
  destinations: readonly Destination[];
  of: Destination;
}) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const { view } = usePiece();
  const put = useMutation({
    // One after the other: the list that was made last is the one that stays.
    scope: { id: 'destinations' },
    mutationFn: (list: Destination[]) => call(putDestinations, { body: list }),
    onError: (e) => {
      message.error(e.message);
      void client.invalidateQueries({ queryKey: DESTINATIONS });
    },
  });
  const keep = (list: Destination[]) => {
    client.setQueryData(DESTINATIONS, list);
    put.mutate(list);
  };
  const change = (now: Partial<Destination>) =>
    keep(
      (client.getQueryData<Destination[]>(DESTINATIONS) ?? destinations).map((d) =>
        d.id === of.id ? { ...d, ...now } : d,
      ),
    );
  return (
    <fieldset className="kit__form" aria-label={`What ${of.name} wants`}>
      <Input
        size="small"
        aria-label="Name of the destination"
        key={`${of.id} ${of.name}`}
        defaultValue={of.name}
        maxLength={60}
        onBlur={({ target: { value } }) =>
          value.trim() && value.trim() !== of.name && change({ name: value.trim() })
        }
      />
      <FormatSelect
        size="small"
        aria-label="Format that is wanted"
        none="any format"
        offered={SHORT_FORMATS}
        value={of.format}
        onChange={(format) => change({ format })}
      />
      <InputNumber
        size="small"
        aria-label="Longest video, seconds"
        placeholder="any length"
        suffix="s at most"
        min={1}
        max={36_000}
        value={of.longestMs === null ? null : of.longestMs / 1000}
        onChange={(s) => change({ longestMs: s === null ? null : Math.round(s * 1000) })}
      />
      <InputNumber
        size="small"
        aria-label="Letters of a post"
        suffix="letters"
        min={40}
        max={20_000}
        value={of.letters}
        onChange={(n) => n && change({ letters: Math.round(n) })}
      />
      <InputNumber
        size="small"
        aria-label="Hashtags of a post"
        suffix="hashtags"
        min={0}
        max={15}
        value={of.hashtags}
        onChange={(n) => n !== null && change({ hashtags: Math.round(n) })}
      />
      <Checkbox checked={of.emoji} onChange={(e) => change({ emoji: e.target.checked })}>
        Emoji
      </Checkbox>
      <Segmented
        size="small"
        aria-label="Tone of a post"
        value={of.tone}
        onChange={(tone) => change({ tone })}
        options={POST_TONES.map((value) => ({ value, label: TONES[value] }))}
      />
      <Button
        size="small"
        onClick={() => {
          const id = nanoid(10);
          keep([...destinations, { ...of, id, name: 'Another destination' }]);
          view.openPart('destination', id);
        }}
      >
        One more like it
      </Button>
      <Button
        size="small"
        type="text"
        disabled={destinations.length < 2}
        onClick={() => keep(destinations.filter((d) => d.id !== of.id))}
      >
        Take it out
      </Button>
    </fieldset>
  );
}
