/** Said of what came in from a file: the name beside it stands in that file, and is nobody of this workshop. */
export const FromFile = ({ by }: { by: string | null }) =>
  by === null ? null : <span className="ml-2 font-bold text-caution">imported from file by {by}</span>
