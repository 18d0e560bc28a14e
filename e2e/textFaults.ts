import type { Page } from '@playwright/test'

/**
 * What of the text of a page, as it stands, cannot be read: cut off by its box, laid over other text, or crossed by a line
 * of a drawing. Text that is scrolled out of sight or lies under something opaque is not looked at.
 */
export const textFaults = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    /** So far letters may reach out of their box, px: their boxes are higher than they are. */
    const SLACK = 1.5
    interface Text {
      readonly element: Element
      readonly said: string
      readonly box: DOMRect
    }
    const faults = new Set<string>()
    const short = (text: string) => text.trim().replace(/\s+/g, ' ').slice(0, 60)
    const styleOf = (e: Element) => getComputedStyle(e)

    /** What an element does to what reaches out of it, and where it is; asked once of each. */
    interface Frame {
      readonly x: 'free' | 'scrolls' | 'cuts'
      readonly y: 'free' | 'scrolls' | 'cuts'
      readonly fixed: boolean
      readonly box: DOMRect
    }
    const frames = new Map<Element, Frame>()
    const frameOf = (e: Element): Frame => {
      const known = frames.get(e)
      if (known) return known
      const { overflowX, overflowY, position } = styleOf(e)
      const inside = e instanceof SVGElement && e.tagName !== 'svg'
      const kind = (overflow: string) =>
        inside || overflow === 'visible' ? 'free' : /auto|scroll/.test(overflow) ? 'scrolls' : 'cuts'
      const frame = {
        x: kind(overflowX),
        y: kind(overflowY),
        fixed: position === 'fixed',
        box: e.getBoundingClientRect(),
      } as const
      frames.set(e, frame)
      return frame
    }

    /** The part of a box that its ancestors let be seen; null where nothing of it is. */
    const seenOf = (
      element: Element,
      box: DOMRect,
    ): { readonly part: DOMRect; readonly cutBy: Element | null } | null => {
      let [left, top, right, bottom] = [box.left, box.top, box.right, box.bottom]
      let cutBy: Element | null = null
      for (let e: Element | null = element; e && e !== document.documentElement; e = e.parentElement) {
        const { box: own, fixed, x, y } = frameOf(e)
        if (x !== 'free') {
          if (x === 'cuts' && (own.left - left > SLACK || right - own.right > SLACK)) cutBy ??= e
          ;[left, right] = [Math.max(left, own.left), Math.min(right, own.right)]
        }
        if (y !== 'free') {
          if (y === 'cuts' && (own.top - top > 4 || bottom - own.bottom > 4)) cutBy ??= e
          ;[top, bottom] = [Math.max(top, own.top), Math.min(bottom, own.bottom)]
        }
        if (fixed) break
      }
      // Shrunk to nothing on purpose: it is for those who hear the page.
      const hidden = cutBy?.getBoundingClientRect()
      if (hidden && (hidden.width <= 2 || hidden.height <= 2)) return null
      if (right - left < 1 || bottom - top < 1) return cutBy ? { part: box, cutBy } : null
      return { part: new DOMRect(left, top, right - left, bottom - top), cutBy }
    }

    /** Whether something opaque lies over a text at a point; out of the window nobody can tell. */
    const isCovered = ({ element }: Text, x: number, y: number): boolean => {
      if (x < 0 || y < 0 || x >= innerWidth || y >= innerHeight) return false
      for (const e of document.elementsFromPoint(x, y)) {
        if (e === element || e.contains(element) || element.contains(e)) return false
        const { backgroundColor, opacity } = styleOf(e)
        const alpha = /rgba\(.*, ([\d.]+)\)/.exec(backgroundColor)?.[1]
        if (backgroundColor !== 'transparent' && (alpha === undefined || Number(alpha) > 0.9) && Number(opacity) > 0.9)
          return true
      }
      return false
    }

    const texts: Text[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const element = node.parentElement
      const said = node.textContent ?? ''
      if (!element || said.trim() === '') continue
      if (element.closest('script, style, option, .sr-only, [aria-hidden="true"] title, desc, title')) continue
      if (!element.checkVisibility({ opacityProperty: true, visibilityProperty: true })) continue
      const range = document.createRange()
      range.selectNodeContents(node)
      for (const box of range.getClientRects()) {
        if (box.width < 2 || box.height < 2) continue
        const seen = seenOf(element, box)
        if (!seen) continue
        if (seen.cutBy) faults.add(`cut off: “${short(said)}”`)
        texts.push({ element, said, box: seen.part })
      }
    }

    // Fields whose entry is longer than they are.
    const canvas = document.createElement('canvas').getContext('2d')!
    for (const field of document.querySelectorAll<HTMLInputElement | HTMLSelectElement>(
      'input:not([type=checkbox], [type=radio], [type=range], [type=file]), select',
    )) {
      if (!field.checkVisibility({ opacityProperty: true }) || field.closest('.sr-only') || field.clientWidth < 4)
        continue
      const style = styleOf(field)
      canvas.font = `${style.fontWeight} ${style.fontSize} ${style.fontFamily}`
      const text =
        field instanceof HTMLSelectElement ? (field.selectedOptions[0]?.text ?? '') : field.value || field.placeholder
      const arrow = field instanceof HTMLSelectElement && style.appearance !== 'base-select' ? 18 : 0
      const room = field.clientWidth - parseFloat(style.paddingLeft) - parseFloat(style.paddingRight) - arrow
      if (canvas.measureText(text).width > room + SLACK) faults.add(`too long for its field: “${short(text)}”`)
    }

    // On a desk nothing has to be pushed sideways to be read.
    if (innerWidth >= 1024)
      for (const e of document.querySelectorAll('main *, header *')) {
        if (e.scrollWidth <= e.clientWidth + 2 || !/auto|scroll/.test(styleOf(e).overflowX) || !e.checkVisibility())
          continue
        faults.add(
          `wider than its place by ${e.scrollWidth - e.clientWidth} px: “${short(e.getAttribute('aria-label') ?? e.textContent ?? '')}”`,
        )
      }

    // Text over text.
    const sorted = [...texts].sort((a, b) => a.box.left - b.box.left)
    sorted.forEach((a, i) => {
      for (let k = i + 1; k < sorted.length; k++) {
        const b = sorted[k]!
        if (b.box.left >= a.box.right - SLACK) break
        if (a.element === b.element) continue
        const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left)
        // Boxes of letters are higher than letters: a quarter of the lower one lies over nothing that is printed.
        const high = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top)
        if (wide <= 2 || high <= 0.3 * Math.min(a.box.height, b.box.height)) continue
        const [x, y] = [Math.max(a.box.left, b.box.left) + wide / 2, Math.max(a.box.top, b.box.top) + high / 2]
        if (!isCovered(a, x, y) && !isCovered(b, x, y))
          faults.add(`over each other: “${short(a.said)}” and “${short(b.said)}”`)
      }
    })

    // Lines of a drawing through its text.
    for (const text of texts) {
      const { box, element, said } = text
      const svg = element.closest('svg')
      if (!svg) continue
      const { stroke, strokeWidth, paintOrder } = styleOf(element)
      const hasHalo = stroke !== 'none' && parseFloat(strokeWidth) >= 2 && paintOrder.startsWith('stroke')
      for (const shape of svg.querySelectorAll<SVGGeometryElement>(
        'path, line, polyline, polygon, circle, rect, ellipse',
      )) {
        const style = styleOf(shape)
        if (
          style.stroke === 'none' ||
          parseFloat(style.strokeWidth) < 0.4 ||
          Number(style.opacity) < 0.35 ||
          Number(style.strokeOpacity) < 0.35
        )
          continue
        if (!shape.checkVisibility() || shape.closest('defs, clipPath, mask, pattern, marker')) continue
        const over = shape.compareDocumentPosition(element) & Node.DOCUMENT_POSITION_PRECEDING
        if (hasHalo && !over) continue
        const own = shape.getBoundingClientRect()
        if (own.right < box.left || own.left > box.right || own.bottom < box.top || own.top > box.bottom) continue
        const into = shape.getScreenCTM()?.inverse()
        if (!into) continue
        // A shape painted over the line hides it.
        const shapes = [...svg.querySelectorAll<SVGGeometryElement>('path, polygon, circle, rect, ellipse')]
        const covers = shapes.slice(shapes.indexOf(shape) + 1).filter((s) => {
          const { fill, fillOpacity, opacity } = styleOf(s)
          return fill !== 'none' && !/, 0\)$/.test(fill) && Number(fillOpacity) * Number(opacity) > 0.9
        })
        const hit = [0.12, 0.3, 0.5, 0.7, 0.88].some((across) =>
          [0.35, 0.5, 0.62].some((down) => {
            const on = new DOMPoint(box.left + across * box.width, box.top + down * box.height)
            if (!shape.isPointInStroke(on.matrixTransform(into))) return false
            return !covers.some((s) => {
              const inverse = s.getScreenCTM()?.inverse()
              return inverse && s.isPointInFill(on.matrixTransform(inverse))
            })
          }),
        )
        if (hit && !isCovered(text, box.left + box.width / 2, box.top + box.height / 2)) {
          faults.add(`crossed by a line: “${short(said)}”`)
          break
        }
      }
    }
    return [...faults]
  })
