'use client';

import { CloseOutlined } from '@ant-design/icons';
import type { ReactNode } from 'react';
import { IconButton } from '../shared/icon-button.tsx';
import { thumbFor } from '../shared/media.ts';
import { useShelf } from '../shared/use-shelf.ts';
import type { LaidFile } from './use-laid.ts';

/** Photos and clips side by side, as on a contact sheet. */
export function ContactStrip({
  files,
  onRemove,
  children,
}: {
  files: readonly LaidFile[];
  onRemove: (id: string) => void;
  /** Those that are still on their way. */
  children: ReactNode;
}) {
  const { byId } = useShelf();
  return (
    <div className="contact">
      <ul aria-label="Photos and clips" className="contact__strip">
        {files.map((f) => {
          const entry = byId.get(f.assetId);
          return (
            <li key={f.id}>
              {entry ? <img src={thumbFor(entry, '1:1').src} alt={entry.title} /> : <span />}
              {entry?.kind === 'clip' && <small>clip</small>}
              <IconButton
                label={`Take ${f.name} off the sheet`}
                icon={<CloseOutlined aria-hidden />}
                onClick={() => onRemove(f.id)}
              />
            </li>
          );
        })}
      </ul>
      {children}
    </div>
  );
}
