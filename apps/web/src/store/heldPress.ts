let sinceMs: number | null = null

/** Since when a mouse button or finger is down, by `performance.now()`; null while none is. */
export const heldSinceMs = (): number | null => sinceMs

/** Notes when a mouse button or finger goes down anywhere on the page, and when it is let go. */
export const noteHeldPresses = (): void => {
  const down = () => (sinceMs = performance.now())
  const up = () => (sinceMs = null)
  addEventListener('pointerdown', down, { capture: true })
  for (const name of ['pointerup', 'pointercancel']) addEventListener(name, up, { capture: true })
}
