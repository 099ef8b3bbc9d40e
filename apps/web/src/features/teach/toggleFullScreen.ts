/** Gives the class the whole screen, or takes it back; does nothing where the browser has none to give. */
export async function toggleFullScreen(): Promise<void> {
  if (document.fullscreenElement) await document.exitFullscreen();
  else if (document.fullscreenEnabled) await document.documentElement.requestFullscreen();
}
