/** Where the phone is; nothing where it does not know or is not allowed to say. */
export function here(): Promise<{ longitude: number; latitude: number } | undefined> {
  return new Promise((told) => {
    if (!navigator.geolocation) return told(undefined)
    navigator.geolocation.getCurrentPosition(
      (p) => told({ longitude: p.coords.longitude, latitude: p.coords.latitude }),
      () => told(undefined),
      { enableHighAccuracy: true, timeout: 8000, maximumAge: 15_000 },
    )
  })
}
/** A short buzz, where the phone can. */
export const buzz = (pattern: number | number[]) => navigator.vibrate?.(pattern)

const SPEAKS = 'furrow-scout-speaks'
export const speaks = () => localStorage.getItem(SPEAKS) === 'yes'
export const setSpeaks = (on: boolean) => localStorage.setItem(SPEAKS, on ? 'yes' : 'no')
/** Says aloud what was taken, for whoever looks at the field and not at the phone. */
export function speak(words: string): void {
  if (!speaks() || !('speechSynthesis' in window)) return
  speechSynthesis.cancel()
  speechSynthesis.speak(new SpeechSynthesisUtterance(words))
}
