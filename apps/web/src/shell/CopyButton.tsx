import { Check, Copy } from 'lucide-react'
import { useState } from 'react'
import { Button } from './Button.tsx'

const SAID_MS = 2500

/** Puts a text on the clipboard, and says whether it is there. */
export const CopyButton = ({ text, what }: { text: string; what: string }) => {
  const [said, setSaid] = useState<'copied' | 'not' | null>(null)
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(text)
      setSaid('copied')
    } catch {
      // Browsers keep the clipboard from pages without a secure origin.
      setSaid('not')
    }
    setTimeout(() => setSaid(null), SAID_MS)
  }
  return (
    <Button onClick={() => void copy()} label={`Copy ${what}`}>
      {said === 'copied' ? <Check size={16} aria-hidden /> : <Copy size={16} aria-hidden />}
      <span role="status">{said === 'copied' ? 'Copied' : said === 'not' ? 'Select it and copy' : 'Copy'}</span>
    </Button>
  )
}
