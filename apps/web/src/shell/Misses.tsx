import { Link, useRouteError } from 'react-router'

export const NotFound = () => (
  <div className="m-auto max-w-md p-6">
    <h1 className="mb-2 text-xl font-bold">There is no such page</h1>
    <p>
      Go to the{' '}
      <Link className="text-accent underline" to="/jobs">
        list of jobs
      </Link>
      .
    </p>
  </div>
)

/** A fault of ours on a screen: says so and how to go on. What was entered is kept in the outbox. */
export const Unexpected = () => {
  const error = useRouteError()
  return (
    <div className="m-auto max-w-lg p-6" role="alert">
      <h1 className="mb-2 text-xl font-bold">This screen failed</h1>
      <p className="mb-2">What you entered is kept. Reload the page; if it fails again, report this:</p>
      <pre className="overflow-auto border border-hair bg-sheet p-2 text-sm">
        {error instanceof Error ? error.message : String(error)}
      </pre>
      <p className="mt-3">
        <a className="text-accent underline" href="/jobs">
          Back to the jobs
        </a>
      </p>
    </div>
  )
}
