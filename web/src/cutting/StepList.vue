<script setup lang="ts">
import CheckField from '@/ui/CheckField.vue'
import TextField from '@/ui/TextField.vue'
import { useWords } from '@/words/words'
import CautionList from '@/safety/CautionList.vue'
import { computed, ref, watch } from 'vue'
import { usePreferences } from '@/preferences'
import { formatLength, parseLength } from '@/units/length'
import { sawTo, type Sheet } from './sheet'

/** What to have, what to do in order, ticked off, and how long each piece really came out. */
export interface ReallyCut {
  piece: number
  lengthM: number
}
const done = defineModel<string[]>('done', { required: true })
const cuts = defineModel<ReallyCut[]>('cuts', { required: true })
const props = defineProps<{ sheet: Sheet }>()

const preferences = usePreferences()
const words = useWords()
const STAGES = ['CUT', 'JOIN', 'MOUNT', 'TUNE', 'FINISH']
const stages = computed(() =>
  STAGES.flatMap((stage) => {
    const steps = props.sheet.steps.filter((s) => s.stage === stage)
    return steps.length ? [{ word: words.value.text(`cutPage.stage.${stage}`), steps }] : []
  }),
)

function tick(id: string, isDone: boolean) {
  done.value = isDone ? [...done.value, id] : done.value.filter((d) => d !== id)
}

const texts = ref<Record<number, string>>({})
const wrong = ref<Record<number, string>>({})
watch(
  [cuts, () => preferences.unit],
  () => {
    for (const c of cuts.value)
      if (!wrong.value[c.piece]) texts.value[c.piece] = formatLength(c.lengthM, preferences.unit, true)
  },
  { immediate: true },
)

function cut(piece: number, text: string) {
  texts.value[piece] = text
  wrong.value[piece] = ''
  const rest = cuts.value.filter((c) => c.piece !== piece)
  if (text.trim() === '') {
    cuts.value = rest
    return
  }
  const length = parseLength(text, preferences.unit)
  if (!length.ok) wrong.value[piece] = length.why
  else if (length.value <= 0) wrong.value[piece] = words.value.text('cutPage.LONGER_THAN_0')
  else cuts.value = [...rest, { piece, lengthM: length.value }]
}

/** By how much a cut is longer than finished; undefined where it is not cut yet. */
function overM(p: Sheet['pieces'][number]): number | undefined {
  const real = cuts.value.find((c) => c.piece === p.number)
  return real && real.lengthM - p.extraM - p.finishedM
}

/** What a cut means for tuning. */
function meaning(p: Sheet['pieces'][number]): string {
  const over = overM(p)
  if (over === undefined) return ''
  if (Math.abs(over) < 0.0005) return words.value.text('cutPage.AS_FINISHED')
  return over > 0
    ? words.value.text('cutPage.LEFT_TO_TRIM', { leftM: over })
    : words.value.text('cutPage.TOO_SHORT', { shortM: -over })
}
const isShort = (p: Sheet['pieces'][number]) => (overM(p) ?? 0) <= -0.0005
</script>

<template>
  <section class="card block lists">
    <div>
      <h2>{{ words.text('cutPage.HAVE_READY') }}</h2>
      <ul>
        <li v-for="(p, i) in sheet.parts" :key="i">{{ words.phrase(p) }}</li>
      </ul>
    </div>
    <div>
      <h2>{{ words.text('cutPage.TOOLS') }}</h2>
      <ul>
        <li v-for="(t, i) in sheet.tools" :key="i">{{ words.phrase(t) }}</li>
      </ul>
    </div>
  </section>
  <section class="card block">
    <h2>{{ words.text('cutPage.REALLY_CUT') }}</h2>
    <div v-for="p in sheet.pieces" :key="p.number" class="real">
      <b>{{ p.number }}</b>
      <span>{{ words.phrase(p.name) }}, {{ sawTo(p, preferences.unit) }}</span>
      <TextField
        bare
        :model-value="texts[p.number] ?? ''"
        :name="words.text('cutPage.REALLY_CUT_OF', { piece: words.phrase(p.name) })"
        :placeholder="words.text('cutPage.AS_MEASURED')"
        @update:model-value="texts[p.number] = $event"
        @change="cut(p.number, ($event.target as HTMLInputElement).value)"
      />
      <span :class="{ wrong: isShort(p) || wrong[p.number] }" role="status">{{
        wrong[p.number] || meaning(p)
      }}</span>
    </div>
  </section>
  <section class="card block">
    <template v-for="stage in stages" :key="stage.word">
      <h2>{{ stage.word }}</h2>
      <ol class="bare">
        <li v-for="s in stage.steps" :key="s.id">
          <CheckField :model-value="done.includes(s.id)" @update:model-value="tick(s.id, $event)">
            {{ words.sentence(s.text) }}
          </CheckField>
          <CautionList :cautions="s.cautions" />
        </li>
      </ol>
    </template>
  </section>
</template>

<style scoped>
.lists {
  grid-template-columns: 1fr 1fr;
}

ol {
  display: grid;
  gap: 4px;
}

.caution {
  margin: 0 0 6px 36px;
}

.real {
  display: grid;
  grid-template-columns: 26px minmax(0, 1.4fr) 150px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
}

@media print {
  li {
    break-inside: avoid;
  }
}

@media (max-width: 700px) {
  .real {
    grid-template-columns: 26px minmax(0, 1fr) 130px;
  }

  .real span:last-child {
    grid-column: 2 / -1;
  }
}
</style>
