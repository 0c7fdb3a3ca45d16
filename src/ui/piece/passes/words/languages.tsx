'use client';

import { DeleteOutlined, DownloadOutlined, UploadOutlined } from '@ant-design/icons';
import { App, Button, Select } from 'antd';
import { memo, useContext, useEffect, useMemo, useRef, useState } from 'react';
import { addressOf } from '../../../../api/endpoint.ts';
import { pieceFile, readSubtitles } from '../../../../api/pieces.ts';
import {
  inLanguage,
  languagesOf,
  removeLanguage,
  textOnto,
  translate,
  translateAll,
  translationOf,
  translationState,
} from '../../../../core/piece/translate.ts';
import type { Scene } from '../../../../core/piece/types.ts';
import { WRITTEN_LANGUAGES } from '../../../../core/text/language.ts';
import { framesToMs } from '../../../../core/time.ts';
import { compile } from '../../../../core/timeline/compile.ts';
import { languageWords } from '../../../../wording/voices.ts';
import { sendFile } from '../../../shared/api.ts';
import { IconButton } from '../../../shared/icon-button.tsx';
import { SetterContext, usePiece, usePieceState, useTimelineNow, useViewState } from '../../context.ts';
import { useFacts } from '../../material/use-material.ts';

/** Words in other languages, line beside line: typed, or brought as a file of subtitles. The monitor shows them meanwhile. */
export function Languages() {
  const { store, view, apply } = usePiece();
  const piece = usePieceState((s) => s.doc);
  const has = languagesOf(piece);
  const open = useViewState((s) => s.open.language);
  const language = open ?? has[0] ?? null;
  const states = language === null ? [] : piece.scenes.map((s) => translationState(s, language));
  const count = (state: string) => states.filter((s) => s === state).length;
  const worded = states.length - count('none');
  const choices = useMemo(
    () =>
      WRITTEN_LANGUAGES.map((value) => ({ value, label: languageWords(value) })).sort((a, b) =>
        a.label.localeCompare(b.label),
      ),
    [],
  );
  return (
    <section className="languages" aria-label="Words in other languages">
      <p className="tools__note">
        A delivery can show its words in another language, and subtitles go with it. The voice stays as it is.
      </p>
      <div className="tools__buttons">
        <Select
          size="small"
          className="languages__choice"
          aria-label="Language"
          placeholder="Choose a language"
          showSearch={{ optionFilterProp: 'label' }}
          value={language}
          onChange={(v: string) => view.openPart('language', v)}
          options={[
            ...(has.length
              ? [{ label: 'In this piece', options: choices.filter((c) => has.includes(c.value)) }]
              : []),
            { label: 'Another one', options: choices.filter((c) => !has.includes(c.value)) },
          ]}
        />
        {language !== null && has.includes(language) && (
          <IconButton
            label={`Without ${languageWords(language)}`}
            icon={<DeleteOutlined aria-hidden />}
            onClick={() => apply(removeLanguage(store.state.doc, language))}
          />
        )}
      </div>
      {language !== null && (
        <>
          <Files language={language} />
          <p className="tools__note" aria-live="polite">
            {count('done')} of {worded} lines are in {languageWords(language)}
            {count('older') > 0 &&
              `, ${count('older')} more ${count('older') > 1 ? 'have' : 'has'} changed since`}
            .
          </p>
          <ol className="languages__lines">
            {piece.scenes.map((scene, i) =>
              states[i] === 'none' ? null : (
                <Line key={scene.id} scene={scene} row={i + 1} language={language} />
              ),
            )}
          </ol>
          <Shown language={language} />
        </>
      )}
    </section>
  );
}

/** While the tool is open the monitor shows the piece in the language. */
function Shown({ language }: { language: string }) {
  const { player } = usePiece();
  const piece = usePieceState((s) => s.doc);
  const facts = useFacts(piece);
  const setter = useContext(SetterContext);
  useEffect(() => {
    if (setter) player.tryOut(compile(inLanguage(piece, language), facts, setter));
  }, [player, piece, language, facts, setter]);
  useEffect(() => () => player.tryOut(null), [player]);
  return null;
}

/** Drawn again only when its own scene changes: there may be hundreds. */
const Line = memo(function Line({ scene, row, language }: { scene: Scene; row: number; language: string }) {
  const { view, apply, player } = usePiece();
  const there = translationOf(scene, language);
  const state = translationState(scene, language);
  const name = languageWords(language);
  const said = scene.spoken?.trim() ? scene.spoken : null;
  const goThere = () => {
    view.select([scene.id]);
    player.showScene(scene.id);
  };
  const field = (label: string, value: string, change: (text: string) => void) => (
    <textarea
      aria-label={label}
      lang={language}
      dir="auto"
      rows={1}
      value={value}
      onFocus={goThere}
      onChange={(e) => change(e.target.value)}
    />
  );
  return (
    <li className={`languages__line languages__line--${state}`}>
      <span className="languages__row">{row}</span>
      <div>
        {scene.shown.trim() && (
          <>
            <p>{scene.shown}</p>
            {field(`Line ${row} in ${name}`, there?.shown ?? '', (shown) =>
              apply(translate(scene, language, { shown })),
            )}
          </>
        )}
        {said !== null && (
          <>
            <p>
              <small>said</small> {said}
            </p>
            {field(`What is said in line ${row}, in ${name}`, there?.spoken ?? '', (spoken) =>
              apply(translate(scene, language, { spoken: spoken || null })),
            )}
          </>
        )}
        {state === 'older' && (
          <p className="languages__older">
            The line has changed since.{' '}
            <Button size="small" type="link" onClick={() => apply(translate(scene, language, {}))}>
              It still fits
            </Button>
          </p>
        )}
      </div>
    </li>
  );
});

/** Subtitles out to who translates, and back. */
function Files({ language }: { language: string }) {
  const { store, apply } = usePiece();
  const timeline = useTimelineNow();
  const { message } = App.useApp();
  const file = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const take = async (one: File) => {
    setBusy(true);
    try {
      const text = await sendFile(readSubtitles, { query: {} }, one);
      const { scenes } = store.state.doc;
      const rows = timeline.scenes.map((at, i) => ({
        startMs: framesToMs(at.start),
        endMs: framesToMs(at.end),
        words: Boolean(scenes[i]?.shown.trim()),
      }));
      const onto = textOnto(text, rows);
      if (!onto)
        throw new Error(
          `The file has ${text.kind === 'lines' ? text.lines.length : 0} lines, the piece ${rows.filter((r) => r.words).length} with words. Give one line for each of them, or subtitles with times.`,
        );
      const texts = new Map(
        [...onto].flatMap(([i, words]) => {
          const scene = scenes[i];
          if (!scene) return [];
          // Subtitles say what is said; where that differs from the screen, the screen keeps its own.
          const apart = text.kind === 'cues' && Boolean(scene.spoken?.trim());
          return [[scene.id, apart ? { spoken: words } : { shown: words }] as const];
        }),
      );
      const edit = translateAll(store.state.doc, language, texts);
      if (!edit) throw new Error('None of its times meets a line of this piece.');
      apply(edit);
      message.success(`${texts.size} lines are in ${languageWords(language)}.`);
    } catch (e) {
      message.error((e as Error).message, 8);
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className="tools__buttons">
      <Button
        size="small"
        icon={<DownloadOutlined aria-hidden />}
        href={addressOf(pieceFile, { id: store.state.id, name: 'srt' }, { language })}
      >
        Take out, SRT
      </Button>
      <Button
        size="small"
        icon={<UploadOutlined aria-hidden />}
        loading={busy}
        onClick={() => file.current?.click()}
      >
        Bring in
      </Button>
      <input
        ref={file}
        type="file"
        hidden
        accept=".srt,.vtt,.txt"
        aria-label={`Words in ${languageWords(language)}`}
        onChange={(e) => {
          const [one] = e.target.files ?? [];
          e.target.value = '';
          if (one) void take(one);
        }}
      />
    </div>
  );
}
