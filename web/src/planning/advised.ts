import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Assessment, Computed } from './choice'
import type { GroundAnswer } from './ground'

/** Which antenna to fit, as far as they are solved; the server weighs. */
export function useAdvisedAntenna(
  ranked: Ref<Assessment[]>,
  solved: Ref<Map<string, Computed>>,
  limitSwr: Ref<number>,
) {
  const body = computed(() => ({
    limitSwr: limitSwr.value,
    open: ranked.value
      .filter((a) => a.excluded === undefined)
      .map((a) => {
        const c = solved.value.get(a.candidate)
        const figures = c && {
          lengthM: c.lengthM,
          worstSwr: c.worstSwr,
          holds: c.holds,
          wantedDbi: c.wantedDbi,
          gainLessEffortDb: c.gainLessEffortDb,
        }
        return {
          candidate: a.candidate,
          lengthM: a.lengthM,
          ...(figures ? { solved: figures } : {}),
        }
      }),
  }))
  const need = computed(() =>
    JSON.stringify([limitSwr.value, ...body.value.open.map((a) => [a.candidate, a.lengthM])]),
  )
  return useQuery({
    queryKey: computed(() => ['advised-antenna', need.value, body.value]),
    queryFn: () => answer(api.POST('/api/planning/antennas/advised', { body: body.value })),
    enabled: computed(() => body.value.open.length > 0),
    staleTime: Infinity,
    // While more is solved what was said stays; what was said of another need does not.
    placeholderData: (said, before) => (before?.queryKey[1] === need.value ? said : undefined),
  })
}

/** Which of the grounds that were solved. */
export function useAdvisedGround(
  solved: Ref<{ name: string; answer: GroundAnswer }[]>,
  limitSwr: Ref<number>,
) {
  const body = computed(() => ({
    limitSwr: limitSwr.value,
    solved: solved.value.map(({ name, answer: a }) => ({
      name,
      worstSwr: a.worstSwr,
      worstHz: a.worstHz,
      holds: a.holds,
      massKg: a.massKg,
    })),
  }))
  return useQuery({
    queryKey: computed(() => ['advised-ground', limitSwr.value, body.value]),
    queryFn: () => answer(api.POST('/api/planning/ground/advised', { body: body.value })),
    enabled: computed(() => body.value.solved.length > 0),
    staleTime: Infinity,
    placeholderData: (said, before) => (before?.queryKey[1] === limitSwr.value ? said : undefined),
  })
}
