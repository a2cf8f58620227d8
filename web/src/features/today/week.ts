const DAY_MS = 86_400_000

/** A day so many days on. */
export const addDays = (iso: string, days: number) =>
  new Date(Date.parse(`${iso}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10)

/** A time of the same day so many minutes on, kept between midnight and midnight. */
export function addMinutes(time: string, minutes: number): string {
  const [h = 0, m = 0] = time.split(':').map(Number)
  const all = Math.max(0, Math.min(24 * 60 - 15, h * 60 + m + minutes))
  const two = (n: number) => String(n).padStart(2, '0')
  return `${two(Math.floor(all / 60))}:${two(all % 60)}:00`
}
