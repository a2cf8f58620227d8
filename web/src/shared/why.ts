import { ref } from 'vue'
import type { Reason } from './api/types'

/** What the why line says now, and the reason that is opened whole. */
export const focused = ref<Reason | null>(null)
export const opened = ref<Reason | null>(null)

const tags: Record<Reason['tag'], string> = {
  PUB: 'published',
  PRACTICE: 'common practice, no source',
  PHYSICS: 'mechanics',
  HOUSE: 'house rule',
}

/** The source tag in words. */
export function tagWords(reason: Reason): string {
  return tags[reason.tag]
}
