<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useMe } from '@/api/people'
import { useForm } from '@/shell/useForm'
import BigAction from '@/ui/BigAction.vue'
import PageFrame from '@/ui/PageFrame.vue'
import PickField from '@/ui/PickField.vue'
import SegmentField from '@/ui/SegmentField.vue'
import TableCard from '@/ui/TableCard.vue'
import { formatSwr } from '@/units/swr'
import { formatTime } from '@/units/time'
import { useWords } from '@/words/words'
import { percent } from './exercise'
import { useBeginExercise, useExercises } from './queries'

/** Exercises on virtual antennas: begin one, and see how those before went. */
const words = useWords()
const router = useRouter()
const me = useMe()
const exercises = useExercises()
const on = ref('')
const by = ref<'ANALYSER' | 'METER'>('ANALYSER')
const { busy, trouble, submit } = useForm()
const begin = useBeginExercise()

const rows = computed(() => exercises.data.value?.rows ?? [])
const options = computed(() =>
  (exercises.data.value?.choices ?? []).map((c) => ({
    value: c.id,
    word: words.value.phrase(c.title),
    group: words.value.text(`fittedTo.${c.carrier}`),
  })),
)
const chosen = computed({
  get: () => on.value || (options.value[0]?.value ?? ''),
  set: (id) => (on.value = id),
})
const isLead = computed(() => me.data.value?.role === 'LEAD')
const people = computed(() => exercises.data.value?.people ?? [])

const start = () =>
  submit(async () => {
    const begun = await begin.mutateAsync({ on: chosen.value, byMeter: by.value === 'METER' })
    await router.push(`/exercises/${begun.id}`)
  })
</script>

<template>
  <PageFrame>
    <h1>{{ words.text('exercise.TITLE') }}</h1>
    <p class="soft">{{ words.text('exercise.WHY') }}</p>
    <p v-if="exercises.error.value" class="wrong" role="alert">{{ exercises.error.value.message }}</p>
    <template v-if="exercises.data.value">
      <section class="card begin">
        <PickField v-model="chosen" :name="words.text('exercise.ON')" :options="options" />
        <SegmentField
          v-model="by"
          :name="words.text('exercise.READ_BY')"
          :options="[
            { value: 'ANALYSER', word: words.text('exercise.BY_ANALYSER') },
            { value: 'METER', word: words.text('exercise.BY_METER') },
          ]"
        />
        <BigAction :disabled="busy" @click="start">{{
          words.text(busy ? 'exercise.DRAWING' : 'exercise.BEGIN')
        }}</BigAction>
        <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      </section>

      <template v-if="people.length">
        <h2>{{ words.text('exercise.PEOPLE') }}</h2>
        <TableCard>
          <thead>
            <tr>
              <th>{{ words.text('exercise.WHO') }}</th>
              <th class="number">{{ words.text('exercise.DONE') }}</th>
              <th class="number">{{ words.text('exercise.PASSED') }}</th>
              <th class="number">{{ words.text('exercise.MARK') }}</th>
              <th class="number">{{ words.text('exercise.FAULTS_LEFT') }}</th>
              <th class="number">{{ words.text('exercise.TOO_FAR') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="s in people" :key="s.by">
              <td>{{ s.by }}</td>
              <td class="number">{{ s.done }}</td>
              <td class="number">{{ s.passed }}</td>
              <td class="number">{{ percent(s.mark) }}</td>
              <td class="number">{{ s.faultsLeft }}</td>
              <td class="number">{{ s.tooFar }}</td>
            </tr>
          </tbody>
        </TableCard>
      </template>

      <template v-if="rows.length">
        <h2>{{ words.text(isLead ? 'exercise.ALL' : 'exercise.OWN') }}</h2>
        <TableCard>
          <thead>
            <tr>
              <th>{{ words.text('exercise.ON') }}</th>
              <th v-if="isLead">{{ words.text('exercise.WHO') }}</th>
              <th>{{ words.text('exercise.WHEN') }}</th>
              <th class="number">{{ words.text('exercise.READINGS') }}</th>
              <th class="number">{{ words.text('exercise.CHANGES') }}</th>
              <th class="number">{{ words.text('tuning.SWR') }}</th>
              <th class="number">{{ words.text('exercise.MARK') }}</th>
              <th>{{ words.text('exercise.HOW') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="r in rows" :key="r.id">
              <td>
                <RouterLink class="name" :to="`/exercises/${r.id}`">{{ words.phrase(r.title) }}</RouterLink>
              </td>
              <td v-if="isLead">{{ r.by }}</td>
              <td>{{ formatTime(r.begunAt) }}</td>
              <td class="number">{{ r.score?.readings }}</td>
              <td class="number">{{ r.score?.changes }}</td>
              <td class="number">{{ r.score ? formatSwr(r.score.worstSwr) : '' }}</td>
              <td class="number">{{ r.mark === undefined ? '' : percent(r.mark) }}</td>
              <td>
                {{ words.text(`exercise.${r.score?.ending ?? 'GOING_ON'}`) }}
              </td>
            </tr>
          </tbody>
        </TableCard>
      </template>
    </template>
  </PageFrame>
</template>

<style scoped>
.begin {
  padding: 16px 20px;
  display: grid;
  gap: 14px;
  grid-template-columns: minmax(0, 440px) auto auto;
  align-items: end;
  justify-content: start;
}

.begin .wrong {
  grid-column: 1 / -1;
}
</style>
