'use client';

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { type ReactNode, useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { useStore } from 'zustand';
import { appendEdits, getPiece, type LoadedPiece } from '../../api/pieces.ts';
import { type Edit, pieceEditing } from '../../core/piece/edit.ts';
import { check } from '../../core/proof/proof.ts';
import type { ProofFacts } from '../../core/proof/types.ts';
import { languageOfVoice } from '../../core/sound/voices.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import { editFailureWords } from '../../wording/edits.ts';
import { call } from '../shared/api.ts';
import { CannotOpen, Opening } from '../shared/opening.tsx';
import { useAfterPaint } from '../shared/use-after-paint.ts';
import { useDestinations } from '../shared/use-destinations.ts';
import { useOwnTracks } from '../shared/use-own-tracks.ts';
import { useOpenComments } from '../shared/use-reviews.ts';
import { addAssets, useShelf } from '../shared/use-shelf.ts';
import { openStore, useOpen } from '../sync/open.ts';
import { BringProvider } from './bring.tsx';
import {
  PieceContext,
  type PieceContextValue,
  SetterContext,
  TimelineContext,
  useMaterialState,
  usePiece,
  usePieceState,
} from './context.ts';
import { Head } from './head.tsx';
import { Keys } from './keys/keys.tsx';
import { Marks, MarksContext } from './marks.ts';
import { Material } from './material/material.ts';
import { useMakeMaterial, useTimeline, useTypesetter } from './material/use-material.ts';
import { Player } from './monitor/player.ts';
import { forgetPainted } from './painted/thumbs.ts';
import { Speller, SpellerContext, useSpeller } from './passes/words/speller.ts';
import { PASS_NAMES, type PassName } from './passes.ts';
import { Rooms } from './rooms.tsx';
import { SceneTimes, TimesContext } from './sheet/times.ts';
import { View } from './view/view.ts';
import './piece.css';

/** The main screen: sheet, monitor, tools of the pass, strip. */
export function PieceScreen({ id }: { id: string }) {
  const loaded = useQuery({
    queryKey: ['piece', id],
    queryFn: () => call(getPiece, { params: { id } }),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const client = useQueryClient();
  const assets = loaded.data?.assets;
  useEffect(() => {
    if (assets) addAssets(client, assets);
  }, [assets, client]);
  if (loaded.isPending) return <Opening what="The piece is being opened" />;
  if (loaded.isError)
    return (
      <CannotOpen title="This piece cannot be opened" error={loaded.error} onAgain={() => loaded.refetch()} />
    );
  return <Open loaded={loaded.data} />;
}

type Opened = Omit<PieceContextValue, 'apply'>;

async function openRooms({ id, piece, rev, history, takes }: LoadedPiece): Promise<Opened> {
  const loaded = { editing: pieceEditing, endpoint: appendEdits, id, doc: piece, rev, history };
  const store = await openStore(loaded);
  const first = piece.scenes[0];
  const view = new View({ selected: first ? [first.id] : [], pass: PASS_NAMES[0] as PassName });
  store.store.subscribe(({ doc: now }, { doc: before }) => {
    if (now.scenes === before.scenes) return;
    const idsOf = (all: typeof now.scenes) => all.map((s) => s.id);
    view.keepOnly(idsOf(before.scenes), idsOf(now.scenes));
  });
  return { store, view, material: new Material(takes), player: new Player() };
}

const leaveRooms = ({ store }: Opened): void => store.end();

function endRooms({ store, player }: Opened): void {
  store.end();
  player.dispose();
}

function Open({ loaded }: { loaded: LoadedPiece }) {
  const { message } = App.useApp();
  const complain = useCallback((m: string) => message.warning(m, 5), [message]);
  const rooms = useOpen(
    useCallback(() => openRooms(loaded), [loaded]),
    leaveRooms,
    endRooms,
  );
  const [speller, setSpeller] = useState<Speller | null>(null);
  useEffect(() => {
    const s = new Speller();
    setSpeller(s);
    void s.start();
    return () => s.dispose();
  }, []);
  if (!rooms || !speller) return <Opening what="The piece is being opened" />;
  return (
    <SpellerContext.Provider value={speller}>
      <Ready rooms={rooms} complain={complain} />
    </SpellerContext.Provider>
  );
}

function Ready({ rooms, complain }: { rooms: Opened; complain: (m: string) => void }) {
  const { byId } = useShelf();
  rooms.player.pictures.shelf = byId;
  const speller = useSpeller();
  const language = useStore(rooms.store.store, (s) => languageOfVoice(s.doc.voice.name));
  useEffect(() => speller.setLanguage(language), [speller, language]);
  const value = useMemo(
    () => ({
      ...rooms,
      apply: (edit: Edit | null | undefined) => {
        const failure = edit ? rooms.store.apply(edit) : null;
        if (failure) complain(editFailureWords(failure));
      },
    }),
    [rooms, complain],
  );
  return (
    <PieceContext.Provider value={value}>
      <TimelineKeeper>
        <BringProvider>
          <div className="piece">
            <Head />
            <Rooms />
            <Keys />
          </div>
        </BringProvider>
      </TimelineKeeper>
    </PieceContext.Provider>
  );
}

/** Compiles and proofs the piece as it changes. Its children are not drawn again by that, only what listens. */
function TimelineKeeper({ children }: { children: ReactNode }) {
  const { store, material, player } = usePiece();
  const setter = useTypesetter(store);
  const timeline = useTimeline(store, material, setter);
  const [times] = useState(() => new SceneTimes());
  const [marks] = useState(() => new Marks());
  useEffect(() => {
    if (!setter) return;
    player.fontsCame();
    forgetPainted();
  }, [player, setter]);
  useEffect(() => {
    if (!timeline) return;
    player.setTimeline(timeline);
    times.set(timeline);
  }, [player, times, timeline]);
  if (!timeline) return <Opening what="Fonts and pictures are being loaded" />;
  return (
    <TimelineContext.Provider value={timeline}>
      <SetterContext.Provider value={setter}>
        <TimesContext.Provider value={times}>
          <MarksContext.Provider value={marks}>
            <MaterialKeeper timeline={timeline} />
            <ProofKeeper timeline={timeline} marks={marks} />
            {children}
          </MarksContext.Provider>
        </TimesContext.Provider>
      </SetterContext.Provider>
    </TimelineContext.Provider>
  );
}

/** Has voices and music made; draws nothing. */
function MaterialKeeper({ timeline }: { timeline: Timeline }) {
  useMakeMaterial(timeline);
  return null;
}

/** Looks for what is wrong or doubtful; draws nothing. */
function ProofKeeper({ timeline, marks }: { timeline: Timeline; marks: Marks }) {
  const { store } = usePiece();
  const piece = useAfterPaint(usePieceState((s) => s.doc));
  const { takes, tracks, refused } = useMaterialState((s) => s);
  const { byId } = useShelf();
  const { byId: ownTracks } = useOwnTracks();
  const destinations = useDestinations();
  const comments = useOpenComments(store.state.id);
  // The shelf is large, and does not change with the words.
  const assets = useMemo(() => Object.fromEntries(byId), [byId]);
  const credits = useMemo(() => ({ ...assets, ...ownTracks }), [assets, ownTracks]);
  const speller = useSpeller();
  const spelled = useSyncExternalStore(speller.subscribe, speller.snapshot, speller.snapshot);
  useEffect(() => {
    const facts: ProofFacts = {
      takes,
      tracks,
      ownTracks,
      refused,
      destinations,
      comments,
      misspelled: (text) => speller.wrong(text),
      assets,
      credits,
    };
    // While somebody types the timeline may be a moment behind.
    if (timeline.scenes.every((s, i) => s.sceneId === piece.scenes[i]?.id))
      marks.set(check(piece, timeline, facts), piece.scenes);
  }, [
    piece,
    timeline,
    takes,
    tracks,
    ownTracks,
    refused,
    assets,
    credits,
    marks,
    destinations,
    comments,
    speller,
    spelled,
  ]);
  return null;
}
