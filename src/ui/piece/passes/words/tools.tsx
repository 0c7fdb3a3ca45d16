'use client';

import {
  ArrowDownOutlined,
  ArrowUpOutlined,
  CopyOutlined,
  DeleteOutlined,
  HighlightOutlined,
  MergeCellsOutlined,
  SmileOutlined,
} from '@ant-design/icons';
import { Badge, Button, Input, Popover, Segmented, Select, Switch, Tooltip } from 'antd';
import { useState } from 'react';
import type { Layout } from '../../../../core/look/layouts.ts';
import {
  areNeighbours,
  changeScenes,
  deleteScenes,
  duplicateScenes,
  joinScenes,
  moveScenes,
} from '../../../../core/piece/actions.ts';
import { pieceEdit, sceneEdit } from '../../../../core/piece/edit.ts';
import { shownPatch, toggleHighlight } from '../../../../core/piece/highlights.ts';
import { LIMITS } from '../../../../core/piece/limits.ts';
import { CASES, type Case, changeCase } from '../../../../core/text/case.ts';
import { IconButton } from '../../../shared/icon-button.tsx';
import { newId, usePiece, usePieceState, useSelection, useViewState } from '../../context.ts';
import { LAYOUT_OPTIONS } from '../../sheet/layout-options.ts';
import { EmojiPicker } from './emoji-picker.tsx';
import { FindWords } from './find-words.tsx';
import { Languages } from './languages.tsx';
import { SourcePassages } from './source-passages.tsx';
import { Spelling, useSpellingCount } from './spelling.tsx';
import './words.css';

const CASE_LABELS: Record<Case, string> = { sentence: 'Sentence', title: 'Title Case', upper: 'UPPER' };

export function WordsTools() {
  const part = useViewState((s) => s.open.words ?? 'edit');
  const { view } = usePiece();
  const sourceId = usePieceState((s) => s.doc.source?.id ?? null);
  return (
    <>
      <Segmented
        aria-label="Tools for words"
        size="small"
        value={part}
        onChange={(v) => view.open('words', v)}
        options={[
          { value: 'edit', label: 'Edit' },
          { value: 'find', label: 'Find' },
          {
            value: 'spelling',
            label: (
              <span>
                Spelling <SpellingBadge />
              </span>
            ),
          },
          { value: 'languages', label: 'Languages' },
          ...(sourceId ? [{ value: 'source', label: 'Source' }] : []),
        ]}
      />
      {part === 'edit' && <EditWords />}
      {part === 'find' && <FindWords />}
      {part === 'spelling' && <Spelling />}
      {part === 'languages' && <Languages />}
      {part === 'source' && sourceId && <SourcePassages sourceId={sourceId} />}
    </>
  );
}

function SpellingBadge() {
  return <Badge count={useSpellingCount()} size="small" color="#9a2b12" />;
}

/** Keeps the caret in the row while a button is pressed. */
const keepFocus = { onMouseDown: (e: React.MouseEvent) => e.preventDefault() };

function EditWords() {
  const { apply, store, view } = usePiece();
  const selected = useViewState((s) => s.selected);
  const captions = usePieceState((s) => s.doc.captions);
  const [emoji, setEmoji] = useState(false);
  const piece = () => store.state.doc;
  const chosenRows = () => piece().scenes.filter((s) => view.state.selected.includes(s.id));
  const many = selected.length > 1;
  // Only what is shown here is listened to, so that typing does not draw the tools again.
  const index = useSelection((p, [first]) => p.scenes.findIndex((x) => x.id === first));
  const layout = useSelection((p, ids) => {
    const all = new Set(p.scenes.filter((x) => ids.includes(x.id)).map((x) => x.layout));
    return all.size === 1 ? [...all][0] : undefined;
  });
  const neighbours = useSelection(areNeighbours);
  const highlight = () => {
    const { caret } = view;
    if (many || !caret || caret.from === caret.to)
      apply(
        changeScenes(chosenRows(), 'highlight', (s) => ({
          highlights: s.highlights.length ? [] : s.shown ? [[0, s.shown.length]] : [],
        })),
      );
    else
      apply(
        changeScenes(chosenRows(), 'highlight', (s) =>
          s.id === caret.sceneId
            ? { highlights: toggleHighlight(s.highlights, [caret.from, caret.to], s.shown.length) }
            : null,
        ),
      );
  };
  const insert = (text: string) => {
    setEmoji(false);
    const scene = chosenRows()[0];
    if (!scene) return;
    const end = scene.shown.length;
    const at = view.caret?.sceneId === scene.id ? view.caret : { from: end, to: end };
    const shown = scene.shown.slice(0, at.from) + text + scene.shown.slice(at.to);
    apply(sceneEdit('type', scene.id, shownPatch(scene, shown), 'type'));
    view.caret = { sceneId: scene.id, from: at.from + text.length, to: at.from + text.length };
  };
  if (index < 0)
    return <p className="tools__note">Select a scene. Shift or Ctrl with a click takes several.</p>;
  return (
    <>
      <h3 className="tools__selected">{many ? `${selected.length} scenes` : `Scene ${index + 1}`}</h3>
      <div className="tools__buttons">
        <Select
          size="small"
          aria-label={many ? `Layout of ${selected.length} scenes` : 'Layout of the selected scene'}
          value={layout}
          placeholder="different layouts"
          popupMatchSelectWidth={false}
          onChange={(value: Layout) =>
            apply(
              changeScenes(chosenRows(), 'layout', (s) => (s.layout === value ? null : { layout: value })),
            )
          }
          options={LAYOUT_OPTIONS}
          style={{ minWidth: 120 }}
        />
        {CASES.map((c) => (
          <Button
            key={c}
            size="small"
            {...keepFocus}
            onClick={() =>
              apply(
                changeScenes(chosenRows(), 'case', (s) =>
                  changeCase(s.shown, c) === s.shown ? null : { shown: changeCase(s.shown, c) },
                ),
              )
            }
          >
            {CASE_LABELS[c]}
          </Button>
        ))}
      </div>
      <div className="tools__buttons">
        <Tooltip title="Highlights what is selected in the line, or the whole line (Ctrl M)">
          <Button size="small" icon={<HighlightOutlined aria-hidden />} {...keepFocus} onClick={highlight}>
            Highlight
          </Button>
        </Tooltip>
        <Popover
          trigger="click"
          open={emoji}
          onOpenChange={setEmoji}
          content={<EmojiPicker onPick={insert} />}
          destroyOnHidden
        >
          <Button size="small" icon={<SmileOutlined aria-hidden />} {...keepFocus} disabled={many}>
            Emoji
          </Button>
        </Popover>
        <IconButton
          label="Move up: selected scenes"
          hint="Move up"
          {...keepFocus}
          icon={<ArrowUpOutlined aria-hidden />}
          onClick={() => apply(moveScenes(piece(), selected, -1))}
        />
        <IconButton
          label="Move down: selected scenes"
          hint="Move down"
          {...keepFocus}
          icon={<ArrowDownOutlined aria-hidden />}
          onClick={() => apply(moveScenes(piece(), selected, 1))}
        />
        <IconButton
          label="Duplicate: selected scenes"
          hint="Duplicate"
          {...keepFocus}
          icon={<CopyOutlined aria-hidden />}
          onClick={() => apply(duplicateScenes(piece(), selected, newId))}
        />
        <IconButton
          label="Join to one scene: selected scenes"
          hint="Join to one scene"
          {...keepFocus}
          icon={<MergeCellsOutlined aria-hidden />}
          disabled={!neighbours}
          onClick={() => apply(joinScenes(piece(), selected))}
        />
        <IconButton
          label="Delete: selected scenes"
          hint="Delete"
          {...keepFocus}
          icon={<DeleteOutlined aria-hidden />}
          onClick={() => apply(deleteScenes(selected))}
        />
      </div>
      {!many && <OneScene />}
      <div className="tools__line">
        <span>Captions on the screen, word by word with the voice</span>
        <Switch
          size="small"
          aria-label="Captions"
          checked={captions}
          onChange={(on) => apply(pieceEdit('captions', { captions: on }))}
        />
      </div>
      <p className="tools__note">
        Enter ends a scene at the caret, Backspace at its beginning joins it to the one before. Ctrl K shows
        all actions, ? all keys.
      </p>
    </>
  );
}

/** What belongs to a single scene: the brief for its picture, and where its words came from. */
function OneScene() {
  const { apply } = usePiece();
  const id = useViewState((s) => s.selected[0]);
  const index = usePieceState((s) => s.doc.scenes.findIndex((x) => x.id === id));
  const brief = usePieceState((s) => s.doc.scenes[index]?.brief ?? '');
  const from = usePieceState((s) => {
    const scene = s.doc.scenes[index];
    return scene?.from && scene.from.text !== scene.shown ? scene.from.text : null;
  });
  if (id === undefined || index < 0) return null;
  return (
    <>
      <div className="tools__field">
        <span>What the picture should show</span>
        <Input
          aria-label={`What the picture of scene ${index + 1} should show`}
          value={brief}
          maxLength={LIMITS.briefLength}
          placeholder="The line itself decides"
          onChange={(e) => apply(sceneEdit('brief', id, { brief: e.target.value }, 'brief'))}
        />
      </div>
      {from !== null && (
        <p className="tools__from">
          <strong>In the source:</strong> {from}
        </p>
      )}
    </>
  );
}
