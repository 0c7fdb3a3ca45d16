'use client';

import { DeleteOutlined, SortAscendingOutlined } from '@ant-design/icons';
import { useMutation } from '@tanstack/react-query';
import { App, Button, Input, InputNumber, Popconfirm, Segmented } from 'antd';
import { removePhotos } from '../../api/sources.ts';
import { PHOTO, photoMs } from '../../core/outline/photos.ts';
import type { PhotoChoices } from '../../core/outline/types.ts';
import { clock } from '../../core/time.ts';
import { call } from '../shared/api.ts';
import type { Outline } from './use-outline.ts';

/** The number that is asked for, by how the length is given. */
const LENGTH_FIELDS = {
  each: { key: 'eachMs', label: 'Seconds a photo', min: 0.7, max: 60, step: 0.5, suffix: 's each' },
  total: { key: 'totalMs', label: 'Seconds together', min: 5, max: 3600, step: 5, suffix: 's together' },
} as const;

/** What holds for the whole set: its length, its words, its order. */
export function PhotoChoicesForm({ outline, staying }: { outline: Outline; staying: number }) {
  const { message } = App.useApp();
  const { photos } = outline.choices;
  const set = (patch: Partial<PhotoChoices>, flow?: string) =>
    outline.choose({ photos: { ...photos, ...patch } }, flow);
  const each = photoMs(staying, photos);
  const field = LENGTH_FIELDS[photos.length];
  const gone = outline.source.photos.map((p) => p.id).filter((id) => photos.leave.includes(id));
  const remove = useMutation({
    mutationFn: (ids: string[]) => call(removePhotos, { params: { id: outline.id }, body: { ids } }),
    onSuccess: (_, ids) =>
      outline.setSource((before) => ({
        ...before,
        photos: before.photos.filter((p) => !ids.includes(p.id)),
      })),
    onError: (e) => void message.error(e.message, 6),
  });
  return (
    <section className="outline__scenes photos__choices" aria-labelledby="set-title">
      <div className="outline__head">
        <h2 id="set-title">
          {staying} scene{staying === 1 ? '' : 's'}, {clock(each * staying)}
        </h2>
      </div>
      <div className="photos__field">
        <span>How long</span>
        <Segmented
          aria-label="How long"
          value={photos.length}
          onChange={(v) => set({ length: v as 'each' | 'total' })}
          options={[
            { value: 'each', label: 'Each photo' },
            { value: 'total', label: 'All together' },
          ]}
        />
        <InputNumber
          key={field.key}
          aria-label={field.label}
          min={field.min}
          max={field.max}
          step={field.step}
          suffix={field.suffix}
          style={{ width: 160 }}
          value={photos[field.key] / 1000}
          onChange={(v) => v && set({ [field.key]: Math.round(v * 1000) }, field.key)}
        />
        <small>
          {(each / 1000).toFixed(1)} s for each photo
          {photos.length === 'total' && each * staying > photos.totalMs * 1.02
            ? `; a photo needs at least ${PHOTO.shortestMs / 1000} s to be seen`
            : ''}
        </small>
      </div>
      <div className="photos__field">
        <span>Words on the first photo</span>
        <Input
          aria-label="Words on the first photo"
          maxLength={300}
          value={photos.first}
          placeholder="What is it about?"
          onChange={(e) => set({ first: e.target.value }, 'first')}
        />
      </div>
      <div className="photos__field">
        <span>Words on the last photo</span>
        <Input
          aria-label="Words on the last photo"
          maxLength={300}
          value={photos.last}
          placeholder="A thank-you, a date, an address"
          onChange={(e) => set({ last: e.target.value }, 'last')}
        />
      </div>
      {photos.order && (
        <Button icon={<SortAscendingOutlined aria-hidden />} onClick={() => set({ order: null })}>
          Sort by capture time again
        </Button>
      )}
      {gone.length > 0 && (
        <Popconfirm
          title={`Remove ${gone.length} photo${gone.length === 1 ? '' : 's'} from the set?`}
          description="This cannot be undone, but they can be brought again."
          okText="Remove"
          cancelText="Keep"
          onConfirm={() => remove.mutate(gone)}
        >
          <Button icon={<DeleteOutlined aria-hidden />} loading={remove.isPending}>
            Remove the {gone.length} left out
          </Button>
        </Popconfirm>
      )}
      <p className="source__facts">
        Each photo moves slowly towards its subject. Afterwards it is a piece like any other: words, voice and
        music can be added to every photo.
      </p>
    </section>
  );
}
