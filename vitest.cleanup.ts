import { rm } from 'node:fs/promises';

/** Takes the run's data folder away when the run is over. */
export default function setup(): () => Promise<void> {
  return async () => {
    const data = process.env.NABBET_UNIT_DATA;
    if (data) await rm(data, { recursive: true, force: true });
  };
}
