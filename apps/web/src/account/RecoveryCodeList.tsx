import { Button } from '../shell/Button.tsx'

/** The codes for the day the authenticator is lost: told once. */
export const RecoveryCodeList = ({ codes, onDone }: { codes: readonly string[]; onDone: () => void }) => (
  <section aria-label="Recovery codes" className="my-3 border-2 border-ink bg-sheet p-3">
    <h3 className="font-extrabold">Recovery codes</h3>
    <p className="my-1">
      Print these or write them down and keep them away from the phone: each signs you in once if phone or key is lost.
      They are shown only now.
    </p>
    <ul className="my-2 grid grid-cols-2 gap-x-6 font-mono text-lg">
      {codes.map((c) => (
        <li key={c}>{c}</li>
      ))}
    </ul>
    <div className="flex gap-2 print:hidden">
      <Button onClick={() => window.print()}>Print</Button>
      <Button kind="main" onClick={onDone}>
        I have them
      </Button>
    </div>
  </section>
)
