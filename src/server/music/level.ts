import type { LoudnessMeter } from '../../core/sound/loudness.ts';
import { rideOf } from '../../core/sound/ride.ts';
import type { Samples } from '../../core/time.ts';
import { run } from '../program.ts';
import { meterOf, partsOf, wavOf } from '../sound/parts.ts';
import { makeWhole } from '../store/files.ts';

/** Loudness of a stored track. */
const TRACK_LUFS = -18;

const rideFor = ({ shortTerm, integrated }: LoudnessMeter) => rideOf(shortTerm, integrated);

/** The first samples of a WAVE file as a track: its swells made small, at the loudness of a track, faded over its last samples. */
export async function levelTrack(
  wav: string,
  samples: Samples,
  file: string,
  fadeSamples: Samples,
): Promise<void> {
  const once = rideFor(meterOf(wav, samples));
  // What three seconds hold is not even yet where they hold a soft beginning and what follows it.
  const again = rideFor(meterOf(wav, samples, (v, i) => v * once(i)));
  const ride = (i: Samples) => once(i) * again(i);
  const loudness = meterOf(wav, samples, (v, i) => v * ride(i)).integrated;
  const gain = Number.isFinite(loudness) ? 10 ** ((TRACK_LUFS - loudness) / 20) : 1;
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
