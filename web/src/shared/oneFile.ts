/** The file of a field that takes one; nothing where it was emptied. */
export function oneFile(chosen: File | readonly File[] | null): File | undefined {
  return chosen instanceof File ? chosen : chosen?.[0]
}
