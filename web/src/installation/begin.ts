import { answer, api, Problem, type Schemas } from '@/api/client'
import { readAddress, requestOf } from '@/cutting/sheet'
import { firstByRule, installationOf } from '@/planning/choice'
import { needForm } from '@/planning/saved'
import { formatChannelMhz } from '@/units/frequency'
import { formatLength } from '@/units/length'
import type { Words } from '@/words/words'
import type { LocationQuery } from 'vue-router'
import { channelForm, emptyForm, formOf, planOf, usuallyAdjusted, type PlanForm } from './planForm'

/** A new installation's form, begun from something the shop has. */
export interface Beginning {
  form: PlanForm
  /** What it was begun from says so from then on; where that is gone, nothing is lost. */
  made: (installationId: string) => Promise<unknown>
}

/** One name on each line. */
export const namesOf = (lines: string) =>
  lines
    .split('\n')
    .map((n) => n.trim())
    .filter((n) => n !== '')

/** Gives the others of a fleet the same plan. */
export const copiesOf = (installationId: string, titles: string[]) =>
  answer(
    api.POST('/api/installations/{id}/copies', {
      params: { path: { id: installationId } },
      body: { titles },
    }),
  )

const silently = (call: Promise<unknown>) => call.catch(() => undefined)

/** Like another one, without its name and what is its own: cut to where it and those like it lead to expect. */
export async function likeInstallation(id: string, words: Words): Promise<Beginning> {
  const like = await answer(api.GET('/api/installations/{id}', { params: { path: { id } } }))
  const likes = await answer(
    api.GET('/api/installations/{id}/like', { params: { path: { id }, query: { withItself: true } } }),
  )
  const { startM } = likes
  return {
    form: {
      ...formOf(planOf(like), words.unit),
      title: '',
      carriedBy: '',
      startLength: startM === undefined ? '' : formatLength(startM, words.unit, true),
    },
    made: () => Promise.resolve(),
  }
}

/** With the antenna that a saved plan chose; without a choice, with what the rules put first. */
export async function ofPlan(id: string, kinds: Schemas['KindView'][], words: Words): Promise<Beginning> {
  const plan = await answer(api.GET('/api/plans/{id}', { params: { path: { id } } }))
  const { need } = plan
  if (!need) throw new Problem(words.text('begin.NO_NEED', { name: plan.name }), 422)
  const ranked = await answer(api.POST('/api/planning/antennas', { body: need }))
  const isOpen = (a: Schemas['AssessmentView']) => a.excluded === undefined
  const choice = ranked.find((a) => a.candidate === plan.candidate && isOpen(a)) ?? firstByRule(ranked)
  if (!choice) throw new Problem(words.text('begin.NO_ANTENNA', { name: plan.name }), 422)
  return {
    form: {
      ...installationOf(needForm(need, words.unit), need, choice, words, plan.station?.alternatives[0]),
      ...usuallyAdjusted(choice.antennaKind, kinds, words.unit),
    },
    made: (installationId) =>
      silently(
        api.PUT('/api/plans/{id}/installation/{installationId}', {
          params: { path: { id, installationId } },
        }),
      ),
  }
}

/** For the antenna of a kept cut sheet, on its frequency; what was cut becomes the length at the start. */
export async function ofSheet(id: string, kinds: Schemas['KindView'][], words: Words): Promise<Beginning> {
  const sheet = await answer(api.GET('/api/cut-sheets/{id}', { params: { path: { id } } }))
  const asked = readAddress(JSON.parse(sheet.body ?? '{}') as LocationQuery)
  const kind = kinds.find((k) => k.sheet === sheet.kind)
  const empty = emptyForm(words.unit)
  const mhz = asked.frequencyHz ? formatChannelMhz(asked.frequencyHz) : ''
  return {
    form: {
      ...empty,
      ...(kind ? { antennaKind: kind.kind, ...usuallyAdjusted(kind.kind, kinds, words.unit) } : {}),
      antennaDetail: sheet.name,
      channels: [channelForm(mhz, mhz, true)],
    },
    made: (installationId) =>
      silently(
        answer(
          api.PUT('/api/cut-sheets/{id}', {
            params: { path: { id }, query: { version: sheet.version } },
            body: {
              name: sheet.name,
              installationId,
              sheet: requestOf(asked),
              body: sheet.body ?? '',
              done: sheet.done,
              cuts: sheet.cuts,
            },
          }),
        ),
      ),
  }
}
