/** How often pictures may change with the music: as they like, with every bar, every half bar, every beat. */
export const ON_BEAT = ['free', 'bar', 'half', 'beat'] as const;
export type OnBeat = (typeof ON_BEAT)[number];
