import type { Clearance } from '@/shared/api/types'

/** What a clinician can be asked, as the trainer would say it. */
export const purposes: { value: Clearance['purpose']; text: string }[] = [
  { value: 'EXERCISE', text: 'Exercise as a whole' },
  { value: 'PRESSURE', text: 'Raised blood pressure' },
  { value: 'ARM', text: 'One arm' },
  { value: 'PLACE', text: 'One sore place' },
  { value: 'TENDON_MEDICINE', text: 'After medicine that weakens tendons' },
  { value: 'CUFFS', text: 'Restriction cuffs' },
]
export const purposeWords = (purpose: Clearance['purpose']) => purposes.find((p) => p.value === purpose)!.text
