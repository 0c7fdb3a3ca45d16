'use client';

import { DownloadOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState } from 'react';
import { addressOf } from '../../api/endpoint.ts';
import { pieceBundle, pieceEverything, pieceFile } from '../../api/pieces.ts';
import { PIECE_FILE_NAMES } from '../../core/exchange/types.ts';
import { languagesOf } from '../../core/piece/translate.ts';
import { pieceFileWords } from '../../wording/files.ts';
import { languageWords } from '../../wording/voices.ts';
import { usePiece, usePieceState } from '../piece/context.ts';

/** Files that hold more than one thing. */
const WHOLE = [
  {
    ...{ name: 'everything', of: pieceEverything },
    ...{
      label: 'Everything in one zip',
      describe: 'The newest deliveries, all these files, and the media of the time line',
    },
  },
  {
    ...{ name: 'bundle', of: pieceBundle },
    ...{
      label: 'The piece itself',
      describe: 'With its history and its own material, to be opened by another Nabbet',
    },
  },
] as const;

/** Files that go with the video, as the piece is now. */
export function FileList({ pieceId }: { pieceId: string }) {
  const { store } = usePiece();
  const scenes = usePieceState((s) => s.doc.scenes);
  const files = [
    ...PIECE_FILE_NAMES.map((name) => ({ name, language: null })),
    ...languagesOf({ scenes }).map((language) => ({ name: 'srt' as const, language })),
  ];
  const [fetching, setFetching] = useState<string | null>(null);
  const fetchIt = async (name: string, address: string) => {
    setFetching(name);
    try {
      // What was just typed is in the file.
      await store.flush();
      window.location.assign(address);
    } finally {
      setFetching(null);
    }
  };
  return (
    <section className="files" aria-labelledby="files-title">
      <h3 id="files-title">Files that go with it</h3>
      <ul>
        {files.map(({ name, language }) => {
          const { label: plain, describe } = pieceFileWords[name];
          const label = language === null ? plain : `${plain}, ${languageWords(language)}`;
          return (
            <li key={label}>
              <span>
                <strong>{label}</strong> <small>{describe}</small>
              </span>
              <Button
                size="small"
                aria-label={`Download ${label}`}
                icon={<DownloadOutlined aria-hidden />}
                loading={fetching === label}
                onClick={() =>
                  void fetchIt(
                    label,
                    addressOf(pieceFile, { id: pieceId, name }, language === null ? {} : { language }),
                  )
                }
              />
            </li>
          );
        })}
      </ul>
      <div className="files__whole">
        {WHOLE.map(({ name, label, describe, of }) => (
          <Button
            key={name}
            size="small"
            title={describe}
            loading={fetching === name}
            onClick={() => void fetchIt(name, addressOf(of, { id: pieceId }))}
          >
            {label}
          </Button>
        ))}
      </div>
    </section>
  );
}
