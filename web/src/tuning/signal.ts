import type { Peg } from '@/plots/sweep/trace'

/** Names of channels that are met now and were not before. */
export function newlyMet(before: Peg[], now: Peg[]): string[] {
  const met = new Set(before.filter((p) => p.met).map((p) => p.name))
  return before.length === 0 ? [] : now.filter((p) => p.met && !met.has(p.name)).map((p) => p.name)
}

/** One short tone for a channel, two for all of them: hands and eyes are busy with the antenna. */
export function ring(all: boolean): void {
  const audio = new AudioContext()
  const at = audio.currentTime
  for (let i = 0; i < (all ? 2 : 1); i++) {
    const tone = audio.createOscillator()
    const volume = audio.createGain()
    tone.frequency.value = all ? 660 + 220 * i : 660
    volume.gain.setValueAtTime(0.15, at + i * 0.18)
    volume.gain.exponentialRampToValueAtTime(0.001, at + i * 0.18 + 0.16)
    tone.connect(volume).connect(audio.destination)
    tone.start(at + i * 0.18)
    tone.stop(at + i * 0.18 + 0.17)
  }
  setTimeout(() => void audio.close(), 600)
}
