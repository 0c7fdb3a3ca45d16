/** Who paints the frames of a render: the compositor where it was built, or the canvas; auto is the first that is there. */
export const PAINTERS = ['auto', 'compositor', 'canvas'] as const;
export type PainterChoice = (typeof PAINTERS)[number];
