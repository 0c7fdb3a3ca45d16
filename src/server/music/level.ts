import { CARVE } from '../../core/sound/carve.ts';
import type { LoudnessMeter } from '../../core/sound/loudness.ts';
import { MIX } from '../../core/sound/mix.ts';
import { type Ride, rideOf } from '../../core/sound/ride.ts';
import type { Samples } from '../../core/time.ts';
import { run } from '../program.ts';
import { meterOf, partsOf, wavOf } from '../sound/parts.ts';
import { makeWhole } from '../store/files.ts';

/** A track is ridden so many times. */
const ROUNDS = 3;

const rideFor = ({ shortTerm, integrated }: LoudnessMeter) => rideOf(shortTerm, integrated);

/** The first samples of a WAVE file as a track: its swells made small, at the loudness of a track, faded over its last samples. */
export async function levelTrack(
  wav: string,
  samples: Samples,
  file: string,
  fadeSamples: Samples,
): Promise<void> {
  // What three seconds hold is not even yet where they hold a soft beginning and what follows it: it is ridden again.
  const rides: Ride[] = [];
  const ride = (i: Samples) => rides.reduce((g, r) => g * r(i), 1);
  for (let round = 0; round < ROUNDS; round++)
    rides.push(rideFor(meterOf(wav, samples, (v, i) => v * ride(i), CARVE)));
  const loudness = meterOf(wav, samples, (v, i) => v * ride(i), CARVE).integrated;
  const gain = Number.isFinite(loudness) ? 10 ** ((MIX.trackLufs - loudness) / 20) : 1;
  const fade = Math.min(samples, fadeSamples);
  const levelled = partsOf(wav, samples, (v, i) => {
    const left = samples - i;
    return Math.max(-1, Math.min(1, v * ride(i) * gain)) * (left < fade ? (left / fade) ** 1.5 : 1);
  });
  await makeWhole(file, (temporary) =>
    run(
      'ffmpeg',
      ['-y', '-v', 'error', '-f', 'wav', '-i', 'pipe:0', '-c:a', 'flac', '-f', 'flac', temporary],
      { input: wavOf(samples, levelled), timeoutMs: 600_000 },
    ),
  );
}
