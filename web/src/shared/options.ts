/** The two answers to a plain question, in the order that is usual for it. */
export const yesNo = [
  { value: true, text: 'yes' },
  { value: false, text: 'no' },
]
export const noYes = [...yesNo].reverse()
