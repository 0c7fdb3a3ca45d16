'use client';

import { DownloadOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState } from 'react';
import { addressOf } from '../../api/endpoint.ts';
import { pieceFile } from '../../api/pieces.ts';
import { PIECE_FILE_NAMES } from '../../core/exchange/types.ts';
import { pieceFileWords } from '../../wording/files.ts';
import { usePiece } from '../piece/context.ts';

/** Files that go with the video, as the piece is now. */
export function FileList({ pieceId }: { pieceId: string }) {
  const { store } = usePiece();
  const [fetching, setFetching] = useState<string | null>(null);
  return (
    <section className="files" aria-labelledby="files-title">
      <h3 id="files-title">Files that go with it</h3>
      <ul>
        {PIECE_FILE_NAMES.map((name) => {
          const { label, describe } = pieceFileWords[name];
          return (
            <li key={name}>
              <span>
                <strong>{label}</strong> <small>{describe}</small>
              </span>
              <Button
                size="small"
                aria-label={`Download ${label}`}
                icon={<DownloadOutlined aria-hidden />}
                loading={fetching === name}
                onClick={async () => {
                  setFetching(name);
                  try {
                    // What was just typed is in the file.
                    await store.flush();
                    window.location.assign(addressOf(pieceFile, { id: pieceId, name }));
                  } finally {
                    setFetching(null);
                  }
                }}
              />
            </li>
          );
        })}
      </ul>
    </section>
  );
}
