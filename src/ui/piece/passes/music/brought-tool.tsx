'use client';

import { StarFilled, StarOutlined } from '@ant-design/icons';
import { useQueryClient } from '@tanstack/react-query';
import { App, Button, Input, Radio, Select, Upload } from 'antd';
import { useState } from 'react';
import { addressOf } from '../../../../api/endpoint.ts';
import {
  changeTrack,
  LARGEST_TRACK,
  type OwnTrack,
  ownTrackSound,
  sendTrack,
  type TrackChange,
} from '../../../../api/music.ts';
import { LICENCES, type Licence } from '../../../../core/exchange/credits.ts';
import { FIRM_BEAT } from '../../../../core/music/grid.ts';
import type { BroughtMusic } from '../../../../core/piece/types.ts';
import { clock } from '../../../../core/time.ts';
import { call, sendFile } from '../../../shared/api.ts';
import { IconButton } from '../../../shared/icon-button.tsx';
import { ListenButton } from '../../../shared/listen-button.tsx';
import { OWN_TRACKS, useOwnTracks } from '../../../shared/use-own-tracks.ts';
import type { Playing } from '../../../shared/use-playing.ts';
import { StartWave } from './start-wave.tsx';
import { useBed } from './use-bed.ts';

const SOUND_FILES = 'audio/*,.wav,.mp3,.m4a,.ogg,.opus,.flac';
/** From so many tracks on they can be searched. */
const MANY = 5;

const TERMS: Record<Licence, string> = {
  unknown: 'Terms not known yet',
  free: 'Free, no credit wanted',
  credit: 'Free with credit',
  bought: 'Bought',
  own: 'My own',
};

/** Music that was brought: kept for every piece, fitted to this one. */
export function BroughtTool({ playing }: { playing: Playing }) {
  const { bed, level, choose, change } = useBed();
  const { tracks, byId } = useOwnTracks();
  const { message } = App.useApp();
  const client = useQueryClient();
  const [find, setFind] = useState('');
  const [coming, setComing] = useState(0);
  const source = bed?.source.kind === 'brought' ? bed.source : null;
  const chosen = source ? byId[source.trackId] : undefined;
  const shown = tracks
    .filter((t) => !t.archived || t.id === source?.trackId)
    .filter((t) => t.title.toLowerCase().includes(find.trim().toLowerCase()))
    .toSorted((a, b) => Number(b.favourite) - Number(a.favourite));
  const put = (track: OwnTrack) =>
    client.setQueryData<OwnTrack[]>(OWN_TRACKS, (old = []) => [
      track,
      ...old.filter((t) => t.id !== track.id),
    ]);
  const bring = async (file: File) => {
    if (file.size > LARGEST_TRACK) {
      message.error(
        `This file has ${Math.round(file.size / 1e6)} MB; a track may have ${LARGEST_TRACK / 1e6}. Give it as MP3.`,
        6,
      );
      return;
    }
    setComing((n) => n + 1);
    try {
      const track = await sendFile(sendTrack, { query: { name: file.name } }, file);
      put(track);
      choose({ kind: 'brought', trackId: track.id, startMs: 0 });
    } catch (e) {
      message.error(`${file.name}: ${(e as Error).message}`, 6);
    } finally {
      setComing((n) => n - 1);
    }
  };
  const say = async (track: OwnTrack, now: TrackChange) => {
    const before = client.getQueryData<OwnTrack[]>(OWN_TRACKS);
    client.setQueryData<OwnTrack[]>(OWN_TRACKS, (old = []) =>
      old.map((t) => (t.id === track.id ? { ...t, ...now } : t)),
    );
    try {
      await call(changeTrack, { params: { id: track.id }, body: now });
    } catch (e) {
      client.setQueryData(OWN_TRACKS, before);
      message.error((e as Error).message);
    }
  };
  return (
    <div className="brought">
      <div className="brought__head">
        <Upload
          accept={SOUND_FILES}
          multiple
          showUploadList={false}
          beforeUpload={(file) => {
            void bring(file);
            return Upload.LIST_IGNORE;
          }}
        >
          <Button size="small" loading={coming > 0}>
            {coming > 0 ? 'Listening to it' : 'Bring a track'}
          </Button>
        </Upload>
        {tracks.length > MANY && (
          <Input
            size="small"
            allowClear
            aria-label="Find a track"
            placeholder="Find"
            value={find}
            onChange={(e) => setFind(e.target.value)}
          />
        )}
      </div>
      {tracks.length === 0 && (
        <p className="tools__note">
          WAV, MP3, M4A, Ogg or FLAC. Its beats are found, and it is fitted to the length of the piece in
          whole bars, so that it ends with it.
        </p>
      )}
      <Radio.Group
        className="voices brought__list"
        value={source?.trackId ?? null}
        aria-label="Tracks that were brought"
        onChange={({ target: { value } }) => choose({ kind: 'brought', trackId: value, startMs: 0 })}
      >
        {shown.map((track) => (
          <div key={track.id} className="voices__row">
            <Radio value={track.id}>
              <strong>{track.title}</strong>
              <small>
                {clock(track.lengthMs)}
                {track.sure >= FIRM_BEAT ? `, ${Math.round(track.tempo)} beats a minute` : ', no firm beat'}
              </small>
            </Radio>
            <IconButton
              label={
                track.favourite ? `${track.title} is no favourite any more` : `${track.title} as a favourite`
              }
              icon={track.favourite ? <StarFilled aria-hidden /> : <StarOutlined aria-hidden />}
              onClick={() => void say(track, { favourite: !track.favourite })}
            />
            <ListenButton
              playing={playing}
              name={track.id}
              label={track.title}
              level={level}
              make={async () => addressOf(ownTrackSound, { id: track.id })}
            />
          </div>
        ))}
      </Radio.Group>
      {chosen && source && (
        <Chosen
          key={chosen.id}
          track={chosen}
          source={source}
          onSay={(now) => void say(chosen, now)}
          onStart={(startMs) => change({ source: { ...source, startMs } }, 'music-start')}
        />
      )}
    </div>
  );
}

/** The track that is taken: where it begins, what it is called, on what terms it is used. */
function Chosen({
  track,
  source,
  onSay,
  onStart,
}: {
  track: OwnTrack;
  source: BroughtMusic;
  onSay(change: TrackChange): void;
  onStart(ms: number): void;
}) {
  return (
    <section className="brought__one" aria-label={`The track ${track.title}`}>
      <StartWave track={track} startMs={source.startMs} onStart={onStart} />
      <div className="brought__terms">
        <Input
          size="small"
          aria-label="Title of the track"
          defaultValue={track.title}
          onBlur={({ target: { value } }) =>
            value.trim() && value.trim() !== track.title && onSay({ title: value })
          }
        />
        <Select
          size="small"
          aria-label="Terms of the track"
          value={track.licence}
          onChange={(licence) => onSay({ licence })}
          popupMatchSelectWidth={false}
          options={LICENCES.map((value) => ({ value, label: TERMS[value] }))}
        />
        <Button size="small" onClick={() => onSay({ archived: !track.archived })}>
          {track.archived ? 'Offer it again' : 'Put away'}
        </Button>
      </div>
      {track.licence === 'credit' && (
        <Input
          size="small"
          aria-label="Who is to be named for the track"
          placeholder="Who is to be named"
          defaultValue={track.credit}
          onBlur={({ target: { value } }) => value !== track.credit && onSay({ credit: value })}
        />
      )}
    </section>
  );
}
