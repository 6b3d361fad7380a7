/** Samples a second of a clip that is sent: speech needs no more. */
export const CLIP_HZ = 16_000
/** A clip is as long as a sentence. */
export const MOST_SECONDS = 30

/** One channel of plain 16-bit samples as a WAV file (RIFF, as published by Microsoft and IBM in 1991). */
export function wavOf(samples: Float32Array, rateHz = CLIP_HZ): Blob {
  const bytes = new DataView(new ArrayBuffer(44 + 2 * samples.length))
  const text = (at: number, word: string) => {
    for (let i = 0; i < word.length; i++) bytes.setUint8(at + i, word.charCodeAt(i))
  }
  text(0, 'RIFF')
  bytes.setUint32(4, 36 + 2 * samples.length, true)
  text(8, 'WAVEfmt ')
  bytes.setUint32(16, 16, true)
  bytes.setUint16(20, 1, true)
  bytes.setUint16(22, 1, true)
  bytes.setUint32(24, rateHz, true)
  bytes.setUint32(28, 2 * rateHz, true)
  bytes.setUint16(32, 2, true)
  bytes.setUint16(34, 16, true)
  text(36, 'data')
  bytes.setUint32(40, 2 * samples.length, true)
  samples.forEach((s, i) => {
    bytes.setInt16(44 + 2 * i, Math.round(Math.max(-1, Math.min(1, s)) * 32767), true)
  })
  return new Blob([bytes.buffer], { type: 'audio/wav' })
}

/** Any sound that the browser can play, as such a file; rejected where it can't. */
export async function asWav(sound: Blob): Promise<Blob> {
  const context = new OfflineAudioContext(1, CLIP_HZ * MOST_SECONDS, CLIP_HZ)
  const decoded = await context.decodeAudioData(await sound.arrayBuffer())
  const source = context.createBufferSource()
  source.buffer = decoded
  source.connect(context.destination)
  source.start()
  const rendered = await context.startRendering()
  const length = Math.min(rendered.length, Math.ceil(decoded.duration * CLIP_HZ))
  return wavOf(rendered.getChannelData(0).slice(0, length))
}
