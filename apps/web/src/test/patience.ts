import { configure } from '@testing-library/react'

// What a test waits for may come late on a busy machine; the limit only ends what never comes.
configure({ asyncUtilTimeout: 2 * 60_000 })
