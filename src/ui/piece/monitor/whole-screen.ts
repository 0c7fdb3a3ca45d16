/** Gives an element the whole screen, or takes it back. A browser that does not allow it leaves things as they are. */
export function toggleWholeScreen(element: Element | null | undefined): void {
  const done = document.fullscreenElement ? document.exitFullscreen() : element?.requestFullscreen();
  done?.catch(() => undefined);
}
