<script setup lang="ts">
import { computed } from 'vue'
import SweepPlot from '@/plots/SweepPlot.vue'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import ConfirmButton from '@/ui/ConfirmButton.vue'
import { formatNeedleSwr, formatSwr } from '@/units/swr'
import { useWords } from '@/words/words'
import ExerciseEnd from './ExerciseEnd.vue'
import NeedleTable from './NeedleTable.vue'
import PieceForm from './PieceForm.vue'
import { changesWords, pegsOf, piecesWords, tracesOf } from './exercise'
import { useDeed, useExercise, type Deed } from './queries'

/** One exercise: read it, change it, look at what may be wrong, and say when it is done. */
const props = defineProps<{ id: string }>()
const words = useWords()
const id = computed(() => props.id)
const exercise = useExercise(id)
const deed = useDeed(id)
const { busy, trouble, submit } = useForm()

const e = computed(() => exercise.data.value)
/** A lead looks at others' and does nothing in them. */
const isOpen = computed(() => e.value?.mine === true && !e.value.end)
const traces = computed(() => (e.value ? tracesOf(e.value, words.value) : []))
const pegs = computed(() => (e.value ? pegsOf(e.value, words.value) : []))
const limit = computed(() => ({
  swr: e.value?.limitSwr ?? 2,
  label: words.value.text('runView.LIMIT', { limitSwr: e.value?.limitSwr ?? 2 }),
}))
const worst = computed(() => Math.max(...pegs.value.map((p) => p.swr ?? 1)))
/** One sentence: what stands now. */
const sentence = computed(() => {
  if (!e.value) return ''
  if (e.value.end) return words.value.text('exercise.OVER')
  if (e.value.readings.length === 0) return words.value.text('exercise.NOTHING_READ')
  const unread = e.value.pieces.map((p) => p.unreadChangeM)
  if (unread.some((m) => m !== 0))
    return words.value.text('exercise.CHANGED_SINCE', {
      change: changesWords(unread, e.value.pieces, words.value),
    })
  return words.value.text(pegs.value.every((p) => p.met) ? 'exercise.READS_MET' : 'exercise.READS_MISSED', {
    swr: (e.value.byMeter ? formatNeedleSwr : formatSwr)(worst.value),
  })
})

const does = (what: Deed) => submit(async () => void (await deed.mutateAsync(what)))
</script>

<template>
  <p v-if="exercise.isLoadingError.value" class="lost wrong" role="alert">
    {{ exercise.error.value?.message }}
  </p>
  <div v-else-if="e" class="bench">
    <div class="stack">
      <header>
        <h1>{{ words.text('exercise.OF', { title: words.phrase(e.title) }) }}</h1>
        <p class="soft">
          {{
            words.text('exercise.TASK', {
              rule: words.phrase(e.rule),
              pieces: piecesWords(
                'PIECE_AT_THE_START',
                e.pieces,
                e.pieces.map((p) => p.startM),
                words,
              ),
            })
          }}
        </p>
      </header>
      <section v-if="e.byMeter && e.readings.length" class="card stack needles">
        <h2>{{ words.text('exercise.NEEDLES') }}</h2>
        <NeedleTable :exercise="e" />
      </section>
      <div v-else class="plot card">
        <SweepPlot
          v-if="traces.length"
          :traces="traces"
          :pegs="pegs"
          :limit="limit"
          :caption="words.text('exercise.CAPTION', { title: words.phrase(e.title) })"
        />
        <p v-else class="empty soft">{{ words.text('exercise.EMPTY') }}</p>
      </div>
      <ExerciseEnd v-if="e.end" :end="e.end" :pieces="e.pieces" />
    </div>

    <aside class="stack">
      <p class="sentence" role="status">{{ sentence }}</p>
      <p class="soft">
        {{
          words.text('exercise.SO_FAR', {
            readingsCount: e.readings.length,
            changesCount: e.changes,
            minutesCount: e.minutes,
          })
        }}
      </p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <template v-if="isOpen">
        <BigAction :disabled="busy" @click="does({ what: 'READ' })">{{
          words.text(busy ? 'exercise.SOLVING' : 'exercise.READ')
        }}</BigAction>
        <PieceForm
          v-for="(p, i) in e.pieces"
          :key="p.name.id"
          :piece="p"
          :busy="busy"
          :change="(metres) => does({ what: 'CHANGE', piece: i, changeM: metres })"
        />
        <section class="card stack suspects">
          <h2>{{ words.text('exercise.LOOK_AT') }}</h2>
          <ul class="bare">
            <li v-for="s in e.suspects" :key="s.name">
              <span>{{ words.phrase(s.words) }}</span>
              <span v-if="s.found !== undefined" :class="s.found ? 'trouble strong' : 'soft'">{{
                words.text(s.found ? 'exercise.FOUND' : 'exercise.NOT_SO')
              }}</span>
              <ActionButton
                v-else
                quiet
                :disabled="busy"
                :aria-label="words.text('exercise.LOOK_AT_IT', { what: words.phrase(s.words) })"
                @click="does({ what: 'LOOK', suspect: s.name })"
                >{{ words.text('exercise.LOOK') }}</ActionButton
              >
            </li>
          </ul>
        </section>
        <ConfirmButton
          v-if="e.readings.length"
          :question="words.text('exercise.SURE')"
          :yes="words.text('exercise.SIGN_OFF')"
          @confirmed="does({ what: 'SIGN_OFF' })"
          >{{ words.text('exercise.SIGN_OFF') }}</ConfirmButton
        >
      </template>
      <RouterLink v-else to="/exercises">{{ words.text('exercise.BACK') }}</RouterLink>
    </aside>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 18px;
  padding: 18px 22px;
  align-items: start;
}

.plot {
  padding: 12px 16px;
  min-height: 440px;
}

li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  min-height: 40px;
}

li > span + span {
  white-space: nowrap;
}

@media (max-width: 1020px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
