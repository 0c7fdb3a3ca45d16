'use client';

import { useCallback, useEffect, useRef, useState } from 'react';

/** Seconds that are counted before a recording begins. */
const COUNT_IN = 3;
/** Below this, dB of full scale, nothing is heard. */
const SILENT_DB = -60;

type RecorderState =
  | { phase: 'idle' }
  | { phase: 'asking' }
  | { phase: 'counting'; left: number }
  | { phase: 'recording'; since: number };

export interface Recorder {
  state: RecorderState;
  /** Loudest moment of the last hundredths of a second, 0 to 1 from SILENT_DB to full scale. */
  level: number;
  devices: MediaDeviceInfo[];
  start(deviceId: string | null, countIn: boolean): Promise<void>;
  /** Ends the recording, which is then handed on. */
  stop(): void;
  /** Ends it without handing it on. */
  cancel(): void;
}

/** Why the microphone cannot be had. */
function microphoneWords(e: unknown): string {
  const name = e instanceof Error ? e.name : '';
  if (name === 'NotAllowedError')
    return 'The microphone is not allowed. Allow it for this page in the browser, then press Record again.';
  if (name === 'NotFoundError') return 'No microphone was found. Plug one in, or give a file.';
  if (name === 'NotReadableError') return 'Another program uses the microphone. Close it there first.';
  return 'The microphone cannot be used here. Open Nabbet on this machine (127.0.0.1), or give a file.';
}

interface Running {
  stream: MediaStream;
  recorder: MediaRecorder;
  audio: AudioContext;
  keep: boolean;
  timer: number;
}

/** Records from a microphone: level, count-in, start and stop. onDone: gets what was recorded. */
export function useRecorder(onDone: (file: File) => void): Recorder {
  const [state, setState] = useState<RecorderState>({ phase: 'idle' });
  const [level, setLevel] = useState(0);
  const [devices, setDevices] = useState<MediaDeviceInfo[]>([]);
  const running = useRef<Running | null>(null);
  const done = useRef(onDone);
  done.current = onDone;

  const end = useCallback((keep: boolean) => {
    const now = running.current;
    if (!now) return;
    running.current = null;
    now.keep = keep;
    window.clearInterval(now.timer);
    if (now.recorder.state !== 'inactive') now.recorder.stop();
    for (const track of now.stream.getTracks()) track.stop();
    void now.audio.close();
    setLevel(0);
    setState({ phase: 'idle' });
  }, []);

  const start = useCallback(
    async (deviceId: string | null, countIn: boolean) => {
      end(false);
      setState({ phase: 'asking' });
      try {
        const now = await open(deviceId, setLevel);
        running.current = now;
        setDevices((await navigator.mediaDevices.enumerateDevices()).filter((d) => d.kind === 'audioinput'));
        const chunks: Blob[] = [];
        now.recorder.ondataavailable = (e) => chunks.push(e.data);
        now.recorder.onstop = () => {
          if (!now.keep || !chunks.length) return;
          const type = now.recorder.mimeType;
          done.current(new File(chunks, 'recording', { type }));
        };
        const begin = () => {
          now.recorder.start(500);
          setState({ phase: 'recording', since: performance.now() });
        };
        if (!countIn) return begin();
        let left = COUNT_IN;
        setState({ phase: 'counting', left });
        now.timer = window.setInterval(() => {
          left--;
          if (left > 0) return setState({ phase: 'counting', left });
          window.clearInterval(now.timer);
          begin();
        }, 1000);
      } catch (e) {
        setState({ phase: 'idle' });
        throw new Error(microphoneWords(e));
      }
    },
    [end],
  );
  useEffect(() => () => end(false), [end]);
  const stop = useCallback(() => end(true), [end]);
  const cancel = useCallback(() => end(false), [end]);
  return { state, level, devices, start, stop, cancel };
}

async function open(deviceId: string | null, setLevel: (level: number) => void): Promise<Running> {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: {
      ...(deviceId ? { deviceId: { exact: deviceId } } : {}),
      ...{ echoCancellation: false, noiseSuppression: false, autoGainControl: false },
    },
  });
  const audio = new AudioContext();
  const meter = audio.createAnalyser();
  meter.fftSize = 2048;
  audio.createMediaStreamSource(stream).connect(meter);
  const samples = new Float32Array(meter.fftSize);
  const watch = () => {
    if (audio.state === 'closed') return;
    meter.getFloatTimeDomainData(samples);
    const peak = samples.reduce((m, x) => Math.max(m, Math.abs(x)), 0);
    const db = 20 * Math.log10(Math.max(1e-6, peak));
    setLevel(Math.max(0, Math.min(1, 1 - db / SILENT_DB)));
    requestAnimationFrame(watch);
  };
  watch();
  return { stream, recorder: new MediaRecorder(stream), audio, keep: false, timer: 0 };
}
