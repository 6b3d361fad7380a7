import type { Schemas } from '@/api/client'
import { formatChannelMhz, formatMhz, parseFrequency } from '@/units/frequency'
import { parseDecimal, type Parsed } from '@/units/number'

export type Radio = Schemas['RadioView']
export type CheckRequest = Schemas['BenchCheckRequest']

/** A bench check as typed. */
export interface CheckForm {
  channel: string
  forward: string
  plug: string
  plugBand: string
  reflected: string
  counter: string
  counterPpm: string
  /** Id of a service whose tolerance holds; `OWN` for the typed one. */
  service: string
  tolerance: string
  spuriousDbc: string
  spuriousAt: string
  note: string
}

export const OWN = 'OWN'

export const emptyCheck = (): CheckForm => ({
  channel: '',
  forward: '',
  plug: '',
  plugBand: '',
  reflected: '',
  counter: '',
  counterPpm: '0.5',
  service: OWN,
  tolerance: '',
  spuriousDbc: '',
  spuriousAt: '',
  note: '',
})

type Services = Schemas['ServiceView'][]

/** A band as typed, `100 to 250`; in Hz. */
function band(text: string): [number, number] | undefined {
  const [low, high, ...more] = text.split(/\s*(?:-|–|to|a|\.\.)\s*/)
  if (low === undefined || high === undefined || more.length > 0) return undefined
  const [from, to] = [parseFrequency(low), parseFrequency(high)]
  return from.ok && to.ok && to.value > from.value ? [from.value, to.value] : undefined
}

/** What is typed as the server takes it, and what cannot be used, by field. Only what is typed counts as read. */
export function readCheck(
  form: CheckForm,
  radio: Radio,
  services: Services,
  sayBand: () => string,
): { body: CheckRequest; wrong: Record<string, string> } {
  const wrong: Record<string, string> = {}
  const take = (field: keyof CheckForm, read: (text: string) => Parsed): number | undefined => {
    const text = form[field].trim()
    if (text === '') return undefined
    const result = read(text)
    if (result.ok) return result.value
    wrong[field] = result.why
    return undefined
  }
  const channel = parseFrequency(form.channel)
  if (!channel.ok) wrong.channel = channel.why
  const forwardW = take('forward', parseDecimal)
  const fullScaleW = take('plug', parseDecimal)
  if (forwardW !== undefined && fullScaleW === undefined && !wrong.plug) {
    const missing = parseDecimal('')
    if (!missing.ok) wrong.plug = missing.why
  }
  const made = form.plugBand.trim() === '' ? undefined : band(form.plugBand)
  if (form.plugBand.trim() !== '' && !made) wrong.plugBand = sayBand()
  const rule = services.find((s) => s.id === form.service)?.frequencyTolerance
  const own = take('tolerance', parseDecimal)
  return {
    body: {
      channelHz: channel.ok ? channel.value : 0,
      ratedPowerW: radio.ratedPowerW,
      forwardW,
      fullScaleW,
      plugLowHz: made?.[0],
      plugHighHz: made?.[1],
      reflectedW: take('reflected', parseDecimal),
      carrierHz: take('counter', parseFrequency),
      counterPpm: take('counterPpm', parseDecimal),
      tolerance: rule?.value ?? own,
      toleranceUnit: rule?.unit ?? (own === undefined ? undefined : 'PPM'),
      toleranceSource: rule?.source,
      spuriousDbc: take('spuriousDbc', parseDecimal),
      spuriousHz: take('spuriousAt', parseFrequency),
      note: form.note,
    },
    wrong,
  }
}

/** What the meters of the practice bench show, in the form. */
export function fromPractice(form: CheckForm, read: Schemas['MeterReadingView'], note: string): CheckForm {
  const number = (n: number | undefined) => (n === undefined ? '' : String(Number(n.toFixed(3))))
  return {
    ...form,
    forward: number(read.forwardW),
    reflected: number(read.reflectedW),
    counter: formatMhz(read.counterHz, 6),
    spuriousDbc: read.spuriousDbc.toFixed(0),
    spuriousAt: '',
    note: form.note || note,
  }
}

/** The form begins where the last check was: the same channel, plug, counter and tolerance. */
export function likeBefore(before: CheckRequest | undefined, services: Services): CheckForm {
  const form = emptyCheck()
  if (!before) return form
  const service = services.find((s) => s.frequencyTolerance?.source === before.toleranceSource)
  return {
    ...form,
    channel: formatChannelMhz(before.channelHz),
    plug: before.fullScaleW === undefined ? '' : String(before.fullScaleW),
    plugBand:
      before.plugLowHz === undefined || before.plugHighHz === undefined
        ? ''
        : `${Number(before.plugLowHz / 1e6)} to ${Number(before.plugHighHz / 1e6)}`,
    counterPpm: String(before.counterPpm ?? 0.5),
    service: service?.id ?? OWN,
    tolerance: service || before.tolerance === undefined ? '' : String(before.tolerance),
  }
}
