<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useClipboard, watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/api/client'
import { useLatest } from '@/api/latest'
import { usePreferences } from '@/preferences'
import CautionList from '@/safety/CautionList.vue'
import { useForm } from '@/shell/useForm'
import { useTypedLengths } from '@/units/typed'
import { useWords } from '@/words/words'
import { DRAFTS, keepTyped } from '../drafts'
import PeopleCard from './PeopleCard.vue'
import {
  emptyStation,
  fromAddress,
  keptStation,
  readStation,
  toAddress,
  type StationAnswer,
  type StationForm,
} from './plan'
import ReachCard from './ReachCard.vue'
import WattsPicture from './WattsPicture.vue'
import WaysTable from './WaysTable.vue'
import WorthCard from './WorthCard.vue'

const route = useRoute()
const preferences = usePreferences()
const words = useWords()
const form = ref<StationForm>(opened())
const result = ref<StationAnswer>()
const { wrong, unplaced, submit } = useForm()
const copied = ref('')
const clipboard = useClipboard()

function opened(): StationForm {
  const linked = typeof route.query.p === 'string' ? fromAddress(route.query.p) : undefined
  return linked ?? keptStation() ?? emptyStation()
}

const typed = useTypedLengths(form)
const latest = useLatest()
async function work() {
  keepTyped(DRAFTS.station, typed())
  const signal = latest()
  const read = readStation(form.value, preferences.unit)
  wrong.value = read.wrong
  const { plan } = read
  if (!plan) return
  await submit(async () => {
    try {
      const fresh = await answer(api.POST('/api/planning/station', { body: plan, signal }))
      if (!signal.aborted) result.value = fresh
    } catch (error) {
      // What was given up for a newer question is no trouble.
      if (!signal.aborted) throw error
    }
  })
}
watchDebounced(form, () => void work(), { debounce: 250, deep: true })
void work()

const print = () => window.print()

async function copyLink() {
  const link = `${location.origin}/plan/watts?p=${toAddress(typed())}`
  try {
    await clipboard.copy(link)
    copied.value = words.value.text('stationPage.COPIED')
  } catch {
    copied.value = link
  }
}

const notes = computed(() =>
  (result.value?.ways ?? []).flatMap((w) =>
    w.warnings.map((t) => ({ name: w.name, text: words.value.sentence(t) })),
  ),
)
</script>

<template>
  <div class="desk">
    <div class="work">
      <section v-if="result" class="card picture">
        <WattsPicture :ways="result.ways" />
        <p class="hint">
          {{ words.text('stationPage.COLOURS', { connectorFineDb: result.connectorLossDb }) }}
        </p>
      </section>
      <WaysTable v-model="form" :wrong="wrong" :result="result">
        <ActionButton @click="copyLink">{{ words.text('stationPage.COPY_LINK') }}</ActionButton>
        <ActionButton @click="print">{{ words.text('stationPage.PRINT') }}</ActionButton>
        <span class="hint" role="status">{{ copied }}</span>
      </WaysTable>
    </div>

    <aside class="side">
      <p class="sentence" role="status">
        {{ result ? words.sentence(result.says) : words.text('stationPage.FILL_IN') }}
      </p>
      <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
      <p v-for="n in notes" :key="n.name + n.text" class="caution">{{ n.name }}: {{ n.text }}</p>

      <WorthCard v-if="result && result.ways.length > 1" :ways="result.ways" />
      <ReachCard v-model="form" :wrong="wrong" :ways="result?.ways ?? []" />
      <PeopleCard v-model="form" :wrong="wrong" :ways="result?.ways ?? []" />
      <CautionList :cautions="result?.cautions ?? []" />
    </aside>
  </div>
</template>

<style scoped>
.picture {
  padding: 8px 16px 12px;
}

/* On paper the numbers and the cautions, one below the other. */
@media print {
  .work,
  .side {
    margin-bottom: 12px;
  }

  .other {
    display: none;
  }
}
</style>
