'use client';

import { Button } from 'antd';
import type { Scene } from '../../../core/piece/types.ts';
import type { RowActions } from './row-actions.ts';

/** What is spoken, where it differs from what is shown. */
export function Spoken({ scene, name, actions }: { scene: Scene; name: string; actions: RowActions }) {
  const silent = scene.spoken === '';
  return (
    <div className="spoken">
      <textarea
        aria-label={`Spoken words of ${name}`}
        rows={1}
        value={scene.spoken ?? ''}
        placeholder={silent ? 'Silent' : 'Speaks what is shown; write here to say something else'}
        onChange={(e) =>
          actions.change(scene.id, 'type-spoken', { spoken: e.target.value || null }, 'type-spoken')
        }
      />
      <Button
        size="small"
        type="text"
        onClick={() => actions.change(scene.id, silent ? 'speak' : 'silence', { spoken: silent ? null : '' })}
      >
        {silent ? 'Speak' : 'Silent'}
      </Button>
    </div>
  );
}
