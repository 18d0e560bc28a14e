let sinceMs: number | null = null

/** Since when a mouse button or finger is down, by `performance.now()`; null while none is. */
export const heldSinceMs = (): number | null => sinceMs

/** Notes when a mouse button or finger goes down anywhere on the page, and when it is let go. */
export const noteHeldPresses = (): void => {
  const up = () => (sinceMs = null)
  addEventListener('pointerdown', () => (sinceMs = performance.now()), { capture: true })
  for (const name of ['pointerup', 'pointercancel']) addEventListener(name, up, { capture: true })
  // Where the browser opens a list of its own the page never hears of the end: a mouse that moves with no button down tells.
  addEventListener('pointermove', (e) => e.buttons === 0 && up(), { capture: true, passive: true })
}
