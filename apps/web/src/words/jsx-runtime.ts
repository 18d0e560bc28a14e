// Every element of the application is made here, and so every text meets the screen here: it is put into the reader's
// English. Whatever else an element is, React's own runtime makes of it.
import { Fragment, jsx as make, jsxs as makeAll } from 'react/jsx-runtime'
import type { ElementType, Key } from 'react'
import { readersEnglish } from './readersEnglish.ts'

export { Fragment }
export type { JSX } from 'react/jsx-runtime'

/** What is read aloud or shown of an element besides what is in it. */
const SAID = ['aria-label', 'aria-description', 'title', 'placeholder', 'alt', 'label', 'heading'] as const

type Props = Readonly<Record<string, unknown>>

export const said = (props: unknown): unknown => {
  const say = readersEnglish()
  const given = props as Props
  // The HTML attribute says what it says: what a person has written is not put into another English.
  if (say === null || given['translate'] === 'no') return props
  const changed: Record<string, unknown> = {}
  for (const name of SAID) {
    const text = given[name]
    if (typeof text === 'string') changed[name] = say(text)
  }
  const { children } = given
  if (typeof children === 'string') changed['children'] = say(children)
  else if (Array.isArray(children))
    changed['children'] = children.map((child: unknown) => (typeof child === 'string' ? say(child) : child))
  return { ...given, ...changed }
}

export const jsx = (type: ElementType, props: unknown, key?: Key) => make(type, said(props), key)
export const jsxs = (type: ElementType, props: unknown, key?: Key) => makeAll(type, said(props), key)
