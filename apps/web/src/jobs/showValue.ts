/** A stored value as one short text: parts by their name, what is not there as not known. */
export const showValue = (value: unknown): string => {
  if (value === null || value === undefined) return 'not known'
  if (typeof value === 'object')
    return 'name' in value && typeof value.name === 'string' ? value.name : JSON.stringify(value)
  return typeof value === 'string' ? value : JSON.stringify(value)
}
