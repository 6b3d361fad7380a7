import { watch, type Ref } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { useLatest } from '@/api/latest'
import { formatChannelMhz } from '@/units/frequency'
import { channelForm, type PlanForm } from './planForm'

type Usual = Schemas['UsualView']
/** What of the form is usual for a carrier, as it is typed. */
type UsualTexts = Pick<PlanForm, 'antennaKind' | 'limit' | 'measuredAt' | 'ratedPower' | 'swrCeiling'>

const textsOf = (u: Usual): UsualTexts => ({
  antennaKind: u.antennaKind,
  limit: u.limitSwr.toFixed(1),
  measuredAt: u.measuredAt,
  ratedPower: String(u.ratedPowerW),
  swrCeiling: u.swrCeiling.toFixed(1),
})

/**
 * Fills in what is usual for the carrier that is chosen; what somebody typed or chose otherwise stays.
 *
 * @param services whose usual channels may be wanted
 * @returns leaves the form to itself from now on: another plan was taken over
 * @param kindChanged takes the way of adjusting along
 * @example useUsualStart(form, services, chooseKind)
 */
export function useUsualStart(
  form: Ref<PlanForm>,
  services: Ref<Schemas['ServiceView'][] | undefined>,
  kindChanged: (kind: PlanForm['antennaKind']) => void,
) {
  const latest = useLatest()
  /** What stands there untouched; the first answer may come after somebody began to type. */
  let before = untouched(form.value)
  let channelsBefore = ''

  function channels(usual: Usual) {
    const isUntouched =
      form.value.channels.every((c) => !c.name && !c.mhz) ||
      JSON.stringify(form.value.channels) === channelsBefore
    if (!isUntouched) return
    const service = services.value?.find((s) => s.id === usual.service)
    const wanted = (service?.usual ?? []).flatMap(
      (name) => service?.channels.find((c) => c.name === name) ?? [],
    )
    const middle = Math.floor((wanted.length - 1) / 2)
    form.value.channels = wanted.length
      ? wanted.map((c, i) => channelForm(c.name, formatChannelMhz(c.transmitHz), i === middle))
      : [channelForm('', '', true)]
    channelsBefore = JSON.stringify(form.value.channels)
  }

  const stop = watch(
    () => [form.value.carrier, services.value] as const,
    async ([carrier]) => {
      const signal = latest()
      const usual = await asked(carrier, signal)
      if (!usual || signal.aborted) return
      const fresh = textsOf(usual)
      for (const key of Object.keys(fresh) as (keyof UsualTexts)[]) {
        if (form.value[key] !== before[key] || form.value[key] === fresh[key]) continue
        if (key === 'antennaKind') kindChanged(fresh.antennaKind)
        else form.value = { ...form.value, [key]: fresh[key] }
      }
      before = fresh
      channels(usual)
    },
    { immediate: true },
  )
  return () => {
    stop()
    latest()
  }
}

/** Nothing where another carrier was chosen meanwhile, or nobody answers: the form stays as it is. */
async function asked(carrier: PlanForm['carrier'], signal: AbortSignal): Promise<Usual | undefined> {
  try {
    return await answer(api.GET('/api/usual-start', { params: { query: { carrier } }, signal }))
  } catch (error) {
    if (signal.aborted || error instanceof Problem) return undefined
    throw error
  }
}

const untouched = ({ antennaKind, limit, measuredAt, ratedPower, swrCeiling }: PlanForm): UsualTexts => ({
  antennaKind,
  limit,
  measuredAt,
  ratedPower,
  swrCeiling,
})
