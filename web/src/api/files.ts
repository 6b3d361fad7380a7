import { problemOf, send, type Schemas } from './client'

/** Sends files; the client made from the API's description has no forms. */
export async function sendForm(path: string, form: FormData): Promise<unknown> {
  const response = await send(new Request(`${location.origin}${path}`, { method: 'POST', body: form }))
  const body: unknown = await response.json().catch(() => undefined)
  if (!response.ok) throw problemOf(response.status, body as Parameters<typeof problemOf>[1])
  return body
}

/** Sends one file as a form does. */
export async function sendFile<T>(path: string, file: File): Promise<T> {
  const form = new FormData()
  form.append('file', file)
  return (await sendForm(path, form)) as T
}

/** An archive, read into this shop; what is here already stays as it is. */
export const readArchive = (file: File) => sendFile<Schemas['ReadArchiveView']>('/api/archive', file)

/** A sweep file as the server reads it, without anything being stored. */
export async function readTraceFile(file: File, port = 1): Promise<Schemas['ReadFileView']> {
  const form = new FormData()
  form.append('file', file)
  return (await sendForm(`/api/traces/read?port=${port}`, form)) as Schemas['ReadFileView']
}

/** An adapter's two-port file, read by the server. */
export async function readAdapterFile(file: File): Promise<Schemas['AdapterData']> {
  const form = new FormData()
  form.append('file', file)
  return (await sendForm(`/api/traces/adapter`, form)) as Schemas['AdapterData']
}

/** A sound clip of a trial on the air. */
export async function sendClip<T>(trial: string, wav: Blob): Promise<T> {
  const form = new FormData()
  form.append('clip', wav, 'clip.wav')
  return (await sendForm(`/api/installations/${trial}/clip`, form)) as T
}
