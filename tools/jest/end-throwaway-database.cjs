module.exports = () =>
  new Promise((resolve) => {
    const child = globalThis.lochmoorThrowawayDatabase
    child.once('close', resolve)
    child.stdin.end()
  })
