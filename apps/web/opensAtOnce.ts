import type { Plugin } from 'vite'

/**
 * The page shows a line before anything else of it has come: its style sheet stands behind that line instead of before it.
 * And what the smallest first script will ask for is asked for with it.
 * @param program the module that shows the page
 */
export const opensAtOnce = (program: string): Plugin => ({
  name: 'opens-at-once',
  transformIndexHtml: {
    order: 'post',
    handler: (html, { bundle }) => {
      const chunks = Object.values(bundle ?? {}).filter((c) => c.type === 'chunk')
      const wanted = new Set<string>()
      const want = (file: string): void => {
        if (wanted.has(file)) return
        wanted.add(file)
        for (const next of chunks.find((c) => c.fileName === file)?.imports ?? []) want(next)
      }
      const first = chunks.find((c) => c.facadeModuleId?.endsWith(program))
      if (bundle && !first) throw new Error(`${program} has no script of its own`)
      if (first) want(first.fileName)
      const ahead = [...wanted]
        .filter((file) => !html.includes(file))
        .map((file) => `<link rel="modulepreload" crossorigin href="/${file}">`)
      const sheets = html.match(/<link rel="stylesheet"[^>]*>/g) ?? []
      return sheets
        .reduce((page, sheet) => page.replace(sheet, ''), html)
        .replace('</head>', `${ahead.join('')}</head>`)
        .replace('</body>', `${sheets.join('')}</body>`)
    },
  },
})
