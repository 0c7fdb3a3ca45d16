'use client';

import { App, Button, Popover, Upload } from 'antd';
import { useState } from 'react';
import { changeVoice, LARGEST_VOICE, sendVoiceFile } from '../../../../api/voices.ts';
import { call, sendFile } from '../../../shared/api.ts';
import { useVoices } from '../../../shared/use-voices.ts';

/** Voices of one's own: brought as two files, put away and offered again. onBrought: with the first voice of a model. */
export function BringVoice({ onBrought }: { onBrought(name: string, language: string): void }) {
  const { own, silent, folder, again } = useVoices();
  const { message } = App.useApp();
  const [coming, setComing] = useState(false);
  const [open, setOpen] = useState(false);
  // A model of several people goes and comes as a whole.
  const modelOf = ({ name }: { name: string }) => name.split('.')[0];
  const away = own.filter((v, i) => v.away && own.findIndex((o) => modelOf(o) === modelOf(v)) === i);
  const bring = async (files: readonly File[]) => {
    setComing(true);
    let wanted: string | null = null;
    try {
      // What describes it comes first, since it is small and says at once what is wrong.
      for (const file of files.toSorted((a, b) => a.size - b.size)) {
        if (file.size > LARGEST_VOICE) {
          message.error(
            `${file.name} has ${Math.round(file.size / 1e6)} MB; a voice may have ${LARGEST_VOICE / 1e6}.`,
            6,
          );
          return;
        }
        const kept = await sendFile(sendVoiceFile, { query: { name: file.name } }, file);
        wanted = kept.wanted;
        const [first] = kept.voices;
        if (!first) continue;
        await again();
        message.success(
          kept.voices.length > 1 ? `${kept.voices.length} voices are here.` : `${first.label} is here.`,
        );
        setOpen(false);
        onBrought(first.name, first.language);
      }
      if (wanted) message.info(`Kept. The other half of the voice is still wanted: ${wanted}`, 6);
    } catch (e) {
      message.error((e as Error).message, 8);
    } finally {
      setComing(false);
    }
  };
  const offerAgain = async (name: string) => {
    try {
      await call(changeVoice, { body: { name, away: false } });
      await again();
    } catch (e) {
      message.error((e as Error).message);
    }
  };
  const more = (
    <section className="bring-voice" aria-label="Voices of your own">
      <p>
        A neural voice in the open Piper form sounds more natural: two files, NAME.onnx and NAME.onnx.json,
        chosen together or laid into {folder || 'the folder “voices” of the data'}. Its licence must allow
        what you make with it.
      </p>
      <Upload
        accept=".onnx,.json"
        multiple
        showUploadList={false}
        beforeUpload={(file, all) => {
          if (file === all.at(-1)) void bring(all);
          return Upload.LIST_IGNORE;
        }}
      >
        <Button size="small" type="primary" loading={coming}>
          {coming ? 'Trying it' : 'Choose its two files'}
        </Button>
      </Upload>
      {silent.map((name) => (
        <p key={name}>{name} does not answer, so its voices are not offered now.</p>
      ))}
      {away.map((v) => (
        <p key={v.name} className="voice__written">
          {v.label} was put away.{' '}
          <button type="button" onClick={() => void offerAgain(v.name)}>
            Offer {v.label} again
          </button>
        </p>
      ))}
    </section>
  );
  return (
    <Popover trigger="click" placement="bottomRight" content={more} open={open} onOpenChange={setOpen}>
      <Button size="small">Bring a voice</Button>
    </Popover>
  );
}
