import { jsxDEV as make } from 'react/jsx-dev-runtime'
import type { Key, ElementType } from 'react'
import { said } from './jsx-runtime.ts'

export { Fragment, type JSX } from './jsx-runtime.ts'

type Rest = Parameters<typeof make> extends [unknown, unknown, unknown, ...infer R] ? R : never

/** As `jsx`, for work on the screens. */
export const jsxDEV = (type: ElementType, props: unknown, key: Key | undefined, ...rest: Rest) =>
  make(type, said(props), key, ...rest)
