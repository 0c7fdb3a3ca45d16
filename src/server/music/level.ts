import { CARVE } from '../../core/sound/carve.ts';
import { MIX } from '../../core/sound/mix.ts';
import { Ride, rideOf } from '../../core/sound/ride.ts';
import type { Samples } from '../../core/time.ts';
import { run } from '../program.ts';
import { meterOf, partsOf, wavOf } from '../sound/parts.ts';
import { makeWhole } from '../store/files.ts';

/** A track is ridden so many times. */
const ROUNDS = 3;

/** The first samples of a WAVE file as a track: its swells made small, at the loudness of a track, faded over its last samples. */
export async function levelTrack(
  wav: string,
  samples: Samples,
  file: string,
  fadeSamples: Samples,
): Promise<void> {
  // What three seconds hold is not even yet where they hold a soft beginning and what follows it: it is ridden again.
  let ride = new Ride();
  const heard = () => meterOf(wav, samples, (start, length) => ride.gains(start, length), CARVE);
  for (let round = 0; round < ROUNDS; round++) {
    const { shortTerm, integrated } = heard();
    ride = ride.and(rideOf(shortTerm, integrated));
  }
  const loudness = heard().integrated;
  const gain = Number.isFinite(loudness) ? 10 ** ((MIX.trackLufs - loudness) / 20) : 1;
  const fade = Math.min(samples, fadeSamples);
  const levelled = partsOf(wav, samples, (start, length) =>
    ride.gains(start, length).map((g, i) => {
      const left = samples - start - i;
      return g * gain * (left < fade ? (left / fade) ** 1.5 : 1);
    }),
  );
  await makeWhole(file, (temporary) =>
    run(
      'ffmpeg',
      ['-y', '-v', 'error', '-f', 'wav', '-i', 'pipe:0', '-c:a', 'flac', '-f', 'flac', temporary],
      { input: wavOf(samples, levelled), timeoutMs: 600_000 },
    ),
  );
}
