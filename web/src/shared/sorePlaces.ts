import type { InjectionKey } from 'vue'
import type { Side, Site } from './api/types'

/** The sore places of the client that a page is about, ringed on every figure of it. */
export const SORE_PLACES: InjectionKey<() => { site: Site; side: Side }[]> = Symbol('sore places')
