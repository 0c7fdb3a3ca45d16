'use client';

import { FolderOpenOutlined, PaperClipOutlined, RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App, Button, Segmented, Spin } from 'antd';
import { type FileWithPath, fromEvent } from 'file-selector';
import { useRouter } from 'next/navigation';
import { type DragEvent, useCallback, useEffect, useMemo, useRef } from 'react';
import { useDropzone } from 'react-dropzone';
import { createPiece, openBundle } from '../../api/pieces.ts';
import { getPicture, warmShelf } from '../../api/shelf.ts';
import { createSource, makePiece, readScriptFile, readSourceFile } from '../../api/sources.ts';
import { laidAddress, readsLikeArticle } from '../../core/outline/laid-as.ts';
import { SCENE_MS } from '../../core/outline/length.ts';
import { photoSpan } from '../../core/outline/photo-span.ts';
import { LITTER, PHOTO_NAMES } from '../../core/outline/photos.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import { spokenOf } from '../../core/piece/types.ts';
import { voiceSpeed } from '../../core/sound/voices.ts';
import { isDirected } from '../../core/text/directions/directions.ts';
import { estimateSpeech } from '../../core/text/reading.ts';
import { cutScript, extractBrief, SPLITS, type Split } from '../../core/text/script.ts';
import { PACING } from '../../core/timeline/pacing.ts';
import { type LaidAs, laidWords, toldWords } from '../../wording/laid.ts';
import { PieceOptionsBar } from '../options/piece-options.tsx';
import { useLastOptions } from '../options/use-last-options.ts';
import { call, sendFile } from '../shared/api.ts';
import { IconButton } from '../shared/icon-button.tsx';
import { SendingList } from '../shared/sending-list.tsx';
import { addAssets, useShelf } from '../shared/use-shelf.ts';
import { useUploads } from '../shared/use-uploads.ts';
import { ContactStrip } from './contact-strip.tsx';
import { type DemoLink, Examples } from './examples.tsx';
import { LaidRowView } from './laid-row.tsx';
import { useLaid } from './use-laid.ts';
import './laid-sheet.css';

/** The script has to rest so long before its lines are read ahead. */
const WARM_AFTER_MS = 500;
/** An article is first told in this time, with so long a scene. */
const ARTICLE_MS = 45_000;
const ARTICLE_SCENE_MS = 5000;
/** A photo stands so long at first. */
const PHOTO_MS = 3000;
/** Of a shorter text nothing can be left out. */
const WORTH_CONDENSING = 30;
/** A row that is not there yet, so that the sheet looks like one. */
const RULED = 4;

const CUTS: Record<Split, string> = { sentence: 'Sentences', line: 'Lines', paragraph: 'Paragraphs' };
const CLIP_NAMES = /\.(mp4|mov|m4v|webm|mkv|avi)$/i;
/** A piece of another installation. */
const BUNDLE = /\.nabbet$/i;
/** A document in which a script may stand. */
const DOCUMENT = /\.(docx|odt)$/i;
const PLAIN = /\.(txt|md|markdown|text)$/i;

const isMaterial = (f: File): boolean =>
  PHOTO_NAMES.test(f.name) ||
  CLIP_NAMES.test(f.name) ||
  f.type.startsWith('image/') ||
  f.type.startsWith('video/');

/** The empty sheet: it takes whatever is laid on it, says what it takes it for, and becomes the piece. */
export function LaidSheetView({ demo, accept }: { demo: DemoLink[]; accept: readonly string[] }) {
  const router = useRouter();
  const client = useQueryClient();
  const { message } = App.useApp();
  const sheet = useLaid();
  const [options, setOptions] = useLastOptions();
  const { byId } = useShelf();
  const { addFile } = sheet;

  const uploads = useUploads(
    useCallback(
      async (one, assetId) => {
        addAssets(client, [await call(getPicture, { params: { id: assetId } })]);
        const { name, size, lastModified } = one.file;
        addFile({ id: one.id, assetId, name, bytes: size, modifiedMs: lastModified });
      },
      [client, addFile],
    ),
  );
  useKnownFiles(sheet.files.map((f) => f.assetId));

  const opened = (id: string, where: 'piece' | 'outline') => {
    sheet.clear();
    router.push(`/${where}/${id}`);
  };
  const abort = useRef<AbortController | null>(null);
  const read = useMutation({
    mutationFn: async (
      of:
        | { address: string; targetMs: number | null }
        | { file: File }
        | { text: string; html: string | null },
    ) => {
      abort.current = new AbortController();
      const { signal } = abort.current;
      if ('file' in of)
        return sendFile(readSourceFile, { query: { as: 'auto', name: of.file.name } }, of.file);
      const body =
        'address' in of
          ? ({ from: 'address', address: of.address, as: 'auto', targetMs: of.targetMs, options } as const)
          : ({ from: 'text', text: of.text, html: of.html, as: 'article', targetMs: null, options } as const);
      return call(createSource, { body }, { signal });
    },
    onSuccess: ({ id }) => opened(id, 'outline'),
  });
  const draft = useMutation({
    mutationFn: async () => {
      const brought = sheet.files.map((f) => f.assetId);
      if (sheet.script)
        return call(createPiece, { body: { script: sheet.script, split: 'line', brought, ...options } });
      const { id } = await photoSet();
      return call(makePiece, { params: { id } });
    },
    onSuccess: ({ id }) => opened(id, 'piece'),
    onError: (e) => void message.error(e.message, 6),
  });
  const photoSet = () =>
    call(createSource, {
      body: {
        from: 'photos',
        title: '',
        targetMs: null,
        options,
        photos: sheet.files.map(({ id, ...file }) => ({ photo: id, ...file })),
      },
    });
  const look = useMutation({
    mutationFn: photoSet,
    onSuccess: ({ id }) => opened(id, 'outline'),
    onError: (e) => void message.error(e.message, 6),
  });

  const open = useMutation({
    mutationFn: (file: File) => sendFile(openBundle, { query: {} }, file),
    onSuccess: ({ id }) => {
      void client.invalidateQueries({ queryKey: ['pieces'] });
      router.push(`/piece/${id}`);
    },
    onError: (e) => void message.error(`The bundle cannot be opened: ${e.message}`, 8),
  });

  const bring = async (files: File[]) => {
    const real = files.filter((f) => !LITTER.test(f.name));
    const material = real.filter(isMaterial);
    const [first, ...more] = real.filter((f) => !isMaterial(f));
    if (material.length) uploads.add(material);
    if (more.length) message.info(`One document at a time: “${first?.name}” is read.`, 6);
    if (!first) return;
    if (BUNDLE.test(first.name)) {
      open.mutate(first);
      return;
    }
    if (!PLAIN.test(first.name) && !DOCUMENT.test(first.name)) {
      read.mutate({ file: first });
      return;
    }
    try {
      const { text } = await sendFile(readScriptFile, { query: { name: first.name } }, first);
      // A document that says what is seen and said is a script; any other is read for what is in it.
      if (PLAIN.test(first.name) || isDirected(text)) sheet.layWords(text);
      else read.mutate({ file: first });
    } catch (e) {
      message.error((e as Error).message, 8);
    }
  };
  const drop = useDropzone({ onDrop: (files) => void bring(files), noClick: true, noKeyboard: true });
  useWindowDrop(bring);

  const lines = useMemo(() => cutScript(sheet.script, 'line'), [sheet.script]);
  useWarm(lines);
  const speed = voiceSpeed(options.voice);
  const spokenMs = lines.reduce<number>(
    (ms, l) => ms + estimateSpeech(spokenOf(l), speed) + SCENE_MS,
    PACING.endHoldMs,
  );
  const address = sheet.rows.length === 1 ? laidAddress(sheet.script) : null;
  const words = lines.reduce((n, l) => n + spokenOf(l).split(/\s+/).filter(Boolean).length, 0);
  const directed = (sheet.told?.pictures ?? 0) + (sheet.told?.written ?? 0) > 0;
  const long = useMemo(
    () => !directed && readsLikeArticle(sheet.whole ?? sheet.script),
    [directed, sheet.whole, sheet.script],
  );
  const asArticle = !address && words > 0 && (sheet.as === 'article' || (sheet.as === null && long));
  const clips = sheet.files.filter((f) => byId.get(f.assetId)?.kind === 'clip').length;
  const photos = sheet.files.length - clips;
  const laid = ((): LaidAs => {
    if (address) return { kind: 'address', targetMs: address.targetMs };
    if (asArticle)
      return {
        ...{ kind: 'article', words, ms: spokenMs, targetMs: ARTICLE_MS },
        scenes: Math.round(ARTICLE_MS / ARTICLE_SCENE_MS),
      };
    if (lines.length) return { kind: 'script', words, scenes: lines.length, ms: spokenMs, photos, clips };
    if (sheet.files.length) {
      const taken = sheet.files.map((f) => byId.get(f.assetId)?.takenAt ?? null);
      return { kind: 'photos', photos, clips, ms: PHOTO_MS * sheet.files.length, span: photoSpan(taken) };
    }
    return { kind: 'nothing' };
  })();

  const tooMany = !asArticle && lines.length > LIMITS.scenes;
  const busy =
    open.isPending ||
    read.isPending ||
    read.isSuccess ||
    draft.isPending ||
    draft.isSuccess ||
    look.isPending;
  const make = address ? 'Read the page' : asArticle ? 'Condense it' : 'Make the first draft';
  const onMake = () => {
    if (address) read.mutate(address);
    else if (asArticle)
      read.mutate({ text: sheet.whole ?? sheet.script, html: sheet.whole ? sheet.markup.current : null });
    else draft.mutate();
  };
  const actions = useRowActionsOf(sheet, () => address && read.mutate(address));

  return (
    <section className="laid" aria-labelledby="laid-title">
      <div className="laid__head">
        <h1 id="laid-title">What do you want to say?</h1>
        <span className="laid__tools">
          <IconButton
            label="Take the last step back"
            hint="Undo"
            icon={<UndoOutlined aria-hidden />}
            disabled={!sheet.canUndo}
            onClick={sheet.undo}
          />
          <IconButton
            label="Redo"
            icon={<RedoOutlined aria-hidden />}
            disabled={!sheet.canRedo}
            onClick={sheet.redo}
          />
          <FileChoice directory={false} onFiles={bring} accept={accept} />
          <FileChoice directory onFiles={bring} accept={accept} />
        </span>
      </div>
      <div
        {...drop.getRootProps({
          className: `laid__sheet${drop.isDragActive ? ' laid__sheet--over' : ''}`,
          onPaste: (e: React.ClipboardEvent) => {
            if (!sheet.script) sheet.markup.current = e.clipboardData.getData('text/html') || null;
            const files = [...e.clipboardData.files];
            if (!files.length || e.clipboardData.getData('text/plain')) return;
            e.preventDefault();
            void bring(files);
          },
        })}
      >
        <ol
          className="laid__rows"
          aria-label="Rows"
          onKeyDown={(e) => {
            if (!(e.ctrlKey || e.metaKey) || e.altKey) return;
            const key = e.key.toLowerCase();
            if (key !== 'z' && key !== 'y') return;
            e.preventDefault();
            if (key === 'z' && !e.shiftKey) sheet.undo();
            else sheet.redo();
          }}
        >
          {sheet.rows.slice(0, LIMITS.scenes).map((row, i) => (
            <LaidRowView
              key={row.id}
              row={row}
              index={i}
              format={options.format}
              seconds={row.text.trim() && !address ? rowSeconds(row.text, speed) : null}
              caret={sheet.caret?.id === row.id ? sheet.caret.at : null}
              hint={i === 0 && sheet.rows.length === 1 && !sheet.files.length ? HINT : ''}
              actions={actions}
            />
          ))}
          {Array.from(
            { length: Math.max(0, (sheet.files.length ? 1 : RULED) - sheet.rows.length) },
            (_, i) => (
              <li key={i} className="laid-row laid-row--ruled" aria-hidden>
                <span className="laid-row__number">{sheet.rows.length + i + 1}</span>
              </li>
            ),
          )}
        </ol>
        {(sheet.files.length > 0 || uploads.sending.length > 0) && (
          <ContactStrip files={sheet.files} onRemove={sheet.removeFile}>
            {uploads.sending.length > 0 && <SendingList uploads={uploads} />}
          </ContactStrip>
        )}
      </div>
      <div className="laid__says" aria-live="polite">
        {open.isPending ? (
          <p role="status">The piece is being unpacked.</p>
        ) : read.isPending ? (
          <p className="laid__reading">
            <Spin size="small" /> {'address' in (read.variables ?? {}) ? 'The page' : 'It'} is being read …
            <Button size="small" onClick={() => abort.current?.abort()}>
              Cancel
            </Button>
          </p>
        ) : read.isError && read.error.name !== 'AbortError' ? (
          <p className="laid__problem" role="alert">
            {read.error.message}
          </p>
        ) : laid.kind === 'nothing' ? (
          <Examples demo={demo} onWords={sheet.layWords} onAddress={(a) => sheet.layWords(a)} />
        ) : (
          <p className={tooMany ? 'laid__problem' : 'laid__taken'}>
            {tooMany
              ? `${lines.length} scenes: a piece holds at most ${LIMITS.scenes}. Cut by paragraph, take a part, or let it be condensed.`
              : laidWords(laid)}
          </p>
        )}
        {sheet.told && lines.length > 0 && !read.isPending && (
          <p className="laid__told">
            {toldWords(sheet.told)}{' '}
            {sheet.came !== null && (
              <Button size="small" onClick={sheet.asTheyCame}>
                Take the words as they came
              </Button>
            )}
          </p>
        )}
        <span className="laid__choices">
          {!sheet.keeps && <span className="laid__problem">Too long to be kept over a reload.</span>}
          {words > WORTH_CONDENSING && !address && (
            <Segmented
              size="small"
              aria-label="Take it as"
              value={asArticle ? 'article' : 'script'}
              onChange={(v) => sheet.takeAs(v as 'script' | 'article')}
              options={[
                { value: 'script', label: 'Say all of it' },
                { value: 'article', label: 'Condense it' },
              ]}
            />
          )}
          {sheet.rows.length > 1 && !asArticle && (
            <Segmented
              size="small"
              aria-label="Cut by"
              value={sheet.split}
              onChange={(v) => sheet.cutBy(v as Split)}
              options={SPLITS.map((value) => ({ value, label: CUTS[value] }))}
            />
          )}
          {laid.kind === 'photos' && clips === 0 && (
            <Button size="small" loading={look.isPending} onClick={() => look.mutate()}>
              Look through them first
            </Button>
          )}
        </span>
      </div>
      <PieceOptionsBar
        options={options}
        onChange={setOptions}
        sample={(lines.find((l) => l.layout === 'caption') ?? lines[0])?.shown ?? ''}
        silent={laid.kind === 'photos'}
        disabled={laid.kind === 'nothing' || tooMany || uploads.sending.some((s) => !s.problem)}
        pending={busy}
        make={make}
        onMake={onMake}
      />
    </section>
  );
}

const HINT =
  'Write here, or paste: a script, an address, a whole article. Drop photos, clips or a document anywhere on this page.';

function rowSeconds(text: string, speed: number): number {
  const words = extractBrief(text);
  return words.shown ? (estimateSpeech(spokenOf(words), speed) + SCENE_MS) / 1000 : 0;
}

/** Actions that stay the same while rows change, so that only what changed is drawn again. */
function useRowActionsOf(sheet: ReturnType<typeof useLaid>, onEnterAddress: () => unknown) {
  const latest = useRef({ sheet, onEnterAddress });
  latest.current = { sheet, onEnterAddress };
  return useMemo(() => {
    const now = () => latest.current.sheet;
    return {
      type: (id: string, text: string, at: number) => now().type(id, text, at),
      endRow: (id: string, at: number) => {
        if (now().rows.length === 1 && laidAddress(now().script)) latest.current.onEnterAddress();
        else now().endRow(id, at);
      },
      joinRow: (id: string) => now().joinRow(id),
      toggleTitle: (id: string) => now().toggleTitle(id),
      step: (index: number, by: 1 | -1) => {
        const next = now().rows[index + by];
        if (next) now().goTo({ id: next.id, at: by > 0 ? 0 : next.text.length });
      },
      caretDone: () => now().caretDone(),
    };
  }, []);
}

/** Files can be dropped anywhere on the page, not on the sheet alone. */
function useWindowDrop(bring: (files: File[]) => void): void {
  const latest = useRef(bring);
  latest.current = bring;
  useEffect(() => {
    const over = (e: Event) => {
      if ((e as unknown as DragEvent).dataTransfer?.types.includes('Files')) e.preventDefault();
    };
    const onDrop = (e: Event) => {
      const { dataTransfer } = e as unknown as DragEvent;
      if (e.defaultPrevented || !dataTransfer?.files.length) return;
      e.preventDefault();
      // Folders are gone through, as on the sheet.
      void fromEvent(e).then((found) =>
        latest.current(found.filter((f): f is FileWithPath => f instanceof File)),
      );
    };
    window.addEventListener('dragover', over);
    window.addEventListener('drop', onDrop);
    return () => {
      window.removeEventListener('dragover', over);
      window.removeEventListener('drop', onDrop);
    };
  }, []);
}

/** Pictures that lay here before the page was loaded again are made known. */
function useKnownFiles(ids: readonly string[]): void {
  const client = useQueryClient();
  const { byId } = useShelf();
  const missing = ids.filter((id) => !byId.has(id)).join();
  useEffect(() => {
    if (!missing) return;
    // A picture that was removed meanwhile stays an empty place that can be taken away.
    for (const id of missing.split(','))
      call(getPicture, { params: { id } }).then(
        (e) => addAssets(client, [e]),
        () => undefined,
      );
  }, [missing, client]);
}

function useWarm(lines: ReturnType<typeof cutScript>): void {
  useEffect(() => {
    if (!lines.length || lines.length > LIMITS.scenes) return;
    const abort = new AbortController();
    const timer = setTimeout(() => {
      // Only a head start: if it fails, the draft takes a second longer.
      const read = lines.map(({ layout, shown, brief }) => ({ layout, shown, brief }));
      call(warmShelf, { body: { lines: read } }, { signal: abort.signal }).catch(() => undefined);
    }, WARM_AFTER_MS);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [lines]);
}

/** Chooses files or a folder by the system's own dialog. */
function FileChoice({
  directory,
  accept,
  onFiles,
}: {
  directory: boolean;
  accept: readonly string[];
  onFiles: (files: File[]) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        hidden
        multiple
        aria-label={directory ? 'A folder' : 'Files'}
        {...(directory
          ? { webkitdirectory: '' }
          : { accept: ['image/*', 'video/*', '.heic', '.heif', ...accept].join(',') })}
        onChange={(e) => {
          onFiles([...(e.target.files ?? [])]);
          e.target.value = '';
        }}
      />
      <Button
        size="small"
        icon={directory ? <FolderOpenOutlined aria-hidden /> : <PaperClipOutlined aria-hidden />}
        onClick={() => input.current?.click()}
      >
        {directory ? 'Folder' : 'Files'}
      </Button>
    </>
  );
}
