import { type MidiEvent, writeMidi } from 'midi-file';
import type { Score } from './compose.ts';

const TICKS = 480;

/** A score as a Standard MIDI File, format 0. */
export function midiFile(score: Score): Uint8Array {
  const timed: { tick: number; order: number; event: MidiEvent }[] = [];
  const put = (tick: number, order: number, event: Record<string, unknown>) =>
    timed.push({ tick, order, event: { deltaTime: 0, ...event } as MidiEvent });
  put(0, 0, { type: 'setTempo', meta: true, microsecondsPerBeat: Math.round(60_000_000 / score.tempo) });
  for (const p of score.programs) {
    put(0, 1, { type: 'programChange', channel: p.channel, programNumber: p.program });
    put(0, 1, { type: 'controller', channel: p.channel, controllerType: 7, value: p.volume });
    put(0, 1, { type: 'controller', channel: p.channel, controllerType: 10, value: p.pan });
    put(0, 1, { type: 'controller', channel: p.channel, controllerType: 91, value: 48 });
  }
  for (const n of score.notes) {
    const note = { channel: n.channel, noteNumber: Math.max(0, Math.min(127, n.pitch)) };
    put(Math.round(n.at * TICKS), 3, { type: 'noteOn', ...note, velocity: n.velocity });
    put(Math.round((n.at + n.length) * TICKS), 2, { type: 'noteOff', ...note, velocity: 0 });
  }
  timed.sort((a, b) => a.tick - b.tick || a.order - b.order);
  let last = 0;
  const track = timed.map(({ tick, event }) => {
    event.deltaTime = tick - last;
    last = tick;
    return event;
  });
  track.push({ deltaTime: 0, type: 'endOfTrack', meta: true } as MidiEvent);
  return Uint8Array.from(
    writeMidi({ header: { format: 0, numTracks: 1, ticksPerBeat: TICKS }, tracks: [track] }),
  );
}
