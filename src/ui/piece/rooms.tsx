'use client';

import { useSyncExternalStore } from 'react';
import { Group, Panel, Separator, useDefaultLayout, usePanelRef } from 'react-resizable-panels';
import { stageOf } from '../../core/look/formats.ts';
import { usePieceState, useViewState } from './context.ts';
import { Hints } from './hints.tsx';
import { Monitor } from './monitor/monitor.tsx';
import { Sheet } from './sheet/sheet.tsx';
import { Strip } from './strip/strip.tsx';
import { Tools } from './tools.tsx';

/** Of a narrow screen the parts stand below each other. */
const NARROW = '(max-width: 760px)';
const watchNarrow = (changed: () => void) => {
  const query = matchMedia(NARROW);
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
};
const isNarrow = () => matchMedia(NARROW).matches;

/** How high the strip stands, and how high when it is folded, pixels. */
const STRIP = { open: 128, folded: 34, most: 260 } as const;

/**
 * Sheet, monitor, tools and strip, each with as much room as the writer gives it. A tall piece has its monitor beside the
 * tools, another one above them.
 */
export function Rooms() {
  const narrow = useSyncExternalStore(watchNarrow, isNarrow, () => false);
  return narrow ? <Narrow /> : <Wide />;
}

function Wide() {
  const tall = usePieceState((s) => stageOf(s.doc.format).height > stageOf(s.doc.format).width);
  const kept = useDefaultLayout({ id: 'nabbet-rooms', storage: localStorage });
  const strip = usePanelRef();
  return (
    <Group
      orientation="vertical"
      className="rooms"
      defaultLayout={kept.defaultLayout}
      onLayoutChanged={kept.onLayoutChanged}
    >
      <Panel id="body" minSize="240px">
        {tall ? <BesideEachOther /> : <AboveEachOther />}
      </Panel>
      <Separator className="rooms__across" aria-label="Height of the strip" />
      <Panel
        id="strip"
        panelRef={strip}
        defaultSize={`${STRIP.open}px`}
        minSize={`${STRIP.open}px`}
        maxSize={`${STRIP.most}px`}
        collapsible
        collapsedSize={`${STRIP.folded}px`}
        groupResizeBehavior="preserve-pixel-size"
      >
        <Strip
          onFold={() => {
            if (strip.current?.isCollapsed()) strip.current.expand();
            else strip.current?.collapse();
          }}
        />
      </Panel>
    </Group>
  );
}

function BesideEachOther() {
  const kept = useDefaultLayout({ id: 'nabbet-rooms-tall', storage: localStorage });
  return (
    <Group orientation="horizontal" defaultLayout={kept.defaultLayout} onLayoutChanged={kept.onLayoutChanged}>
      <Panel id="sheet" minSize="400px" className="rooms__room">
        <Hints />
        <Sheet />
      </Panel>
      <Separator className="rooms__down" aria-label="Width of the monitor" />
      <Panel id="monitor" defaultSize="20%" minSize="150px" className="rooms__room">
        <Monitor />
      </Panel>
      <Separator className="rooms__down" aria-label="Width of the tools" />
      <Panel id="tools" defaultSize="26%" minSize="290px" className="rooms__room">
        <Tools />
      </Panel>
    </Group>
  );
}

function AboveEachOther() {
  const across = useDefaultLayout({ id: 'nabbet-rooms-wide', storage: localStorage });
  const down = useDefaultLayout({ id: 'nabbet-rooms-side', storage: localStorage });
  return (
    <Group
      orientation="horizontal"
      defaultLayout={across.defaultLayout}
      onLayoutChanged={across.onLayoutChanged}
    >
      <Panel id="sheet" minSize="400px" className="rooms__room">
        <Hints />
        <Sheet />
      </Panel>
      <Separator className="rooms__down" aria-label="Width of monitor and tools" />
      <Panel id="side" defaultSize="34%" minSize="290px">
        <Group
          orientation="vertical"
          defaultLayout={down.defaultLayout}
          onLayoutChanged={down.onLayoutChanged}
        >
          <Panel id="monitor" defaultSize="44%" minSize="120px" className="rooms__room">
            <Monitor />
          </Panel>
          <Separator className="rooms__across" aria-label="Height of the monitor" />
          <Panel id="tools" minSize="160px" className="rooms__room">
            <Tools />
          </Panel>
        </Group>
      </Panel>
    </Group>
  );
}

function Narrow() {
  const delivering = useViewState((s) => s.delivering);
  return (
    <main className="piece__narrow">
      <Monitor />
      <Hints />
      <details className="piece__tools" key={String(delivering)} open={delivering}>
        <summary>Tools and renders</summary>
        <Tools />
      </details>
      <Sheet />
      <Strip onFold={null} />
    </main>
  );
}
