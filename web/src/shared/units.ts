import { ref } from 'vue'
import type { Units } from './api/types'

/** The units of the client on the screen. */
export const units = ref<Units>('KG_CM')
