import { Button } from './Button.tsx'

/** What went wrong, in the server's words, and a way on. */
export const Trouble = ({ title, why, onRetry }: { title: string; why: string; onRetry?: () => void }) => (
  <div role="alert" className="my-3 border-l-4 border-stop bg-sheet p-3">
    <p className="font-bold">{title}</p>
    <p>{why}</p>
    {onRetry && (
      <div className="mt-2 flex">
        <Button onClick={onRetry}>Try again</Button>
      </div>
    )}
  </div>
)
