import type { SetUp } from './api/types'

const ORDER = ['bench', 'pulley', 'pin', 'footMark', 'depth', 'sleeves', 'cue', 'note'] as const

/** What is remembered of how an exercise was set up, in one line; empty for nothing. */
export function setUpLine(setUp: SetUp | undefined): string {
  return ORDER.flatMap((key) => {
    const said = setUp?.[key]
    return said ? [key === 'cue' ? `“${said}”` : said] : []
  }).join(', ')
}
