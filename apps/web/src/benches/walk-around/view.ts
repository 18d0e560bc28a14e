export const entryElementId = (path: string): string => `entry-${path.replace(/\./g, '-')}`
