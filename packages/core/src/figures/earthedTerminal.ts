import type { JobDocument } from '../job/index.ts'

/** The post whose cable goes to the body, in words: it comes off first and goes on last, whichever it is. */
export const earthedPost = ({ walkAround: { battery } }: JobDocument): string => {
  switch (battery.earth) {
    case 'positive':
      return 'plus, the earthed post'
    case 'negative':
      return 'minus, the earthed post'
    case null:
      return 'the earthed post (which one is not entered)'
  }
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** Before any spanner comes near the live post: with the earthed one off it can touch the body and nothing happens. */
export const earthedOff = (job: JobDocument): string => `${capital(earthedPost(job))} comes off first and goes on last.`
