'use client';

import { RendersPanel } from '../renders/renders-panel.tsx';
import { usePieceState } from './context.ts';
import { MusicTools } from './tools-music.tsx';
import { PictureTools } from './tools-pictures.tsx';
import { VoiceTools } from './tools-voice.tsx';
import { WordsTools } from './tools-words.tsx';

/** The tools of the pass, for the selected rows. */
export function Tools() {
  const pass = usePieceState((s) => s.pass);
  const delivering = usePieceState((s) => s.delivering);
  if (delivering)
    return (
      <section className="tools" aria-label="Render">
        <RendersPanel />
      </section>
    );
  return (
    <section className="tools" aria-label={`Tools: ${pass}`}>
      {pass === 'words' && <WordsTools />}
      {pass === 'pictures' && <PictureTools />}
      {pass === 'voice' && <VoiceTools />}
      {pass === 'music' && <MusicTools />}
    </section>
  );
}
