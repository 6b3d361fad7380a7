<script setup lang="ts">
import { computed, ref } from 'vue'
import { usePreferences } from '@/preferences'
import ActionButton from '@/ui/ActionButton.vue'
import TextField from '@/ui/TextField.vue'
import { formatBoth, parseLength } from '@/units/length'
import { useWords } from '@/words/words'
import type { Exercise } from './queries'

/** Changes one piece: a saw shortens, a clamp goes both ways. */
const props = defineProps<{
  piece: Exercise['pieces'][number]
  busy: boolean
  /** Changes it by so many metres, and tells whether that could be done. */
  change: (metres: number) => Promise<boolean>
}>()
const words = useWords()
const preferences = usePreferences()
const amount = ref('')
const wrong = ref('')
const now = computed(() =>
  words.value.text('exercise.PIECE_NOW', { length: formatBoth(props.piece.lengthM, preferences.unit) }),
)
const hint = computed(() =>
  props.piece.oneWay ? `${now.value} ${words.value.text('exercise.ONE_WAY')}` : now.value,
)
const ways = computed(() => {
  const { moves } = props.piece
  const way = (side: 'inward' | 'outward') =>
    words.value.text('exercise.MOVE', { way: words.value.text(`${side}.${moves}`) })
  return moves
    ? { less: way('inward'), more: way('outward') }
    : { less: words.value.text('exercise.SHORTER'), more: words.value.text('exercise.LONGER') }
})

async function changeBy(side: -1 | 1) {
  const read = parseLength(amount.value, preferences.unit)
  wrong.value = read.ok ? '' : read.why
  if (!read.ok) return
  if (await props.change(side * read.value)) amount.value = ''
}
</script>

<template>
  <form class="card stack" novalidate @submit.prevent="changeBy(-1)">
    <TextField
      v-model="amount"
      :name="words.text('exercise.BY', { piece: words.phrase(piece.name) })"
      :hint="hint"
      :wrong="wrong"
      inputmode="text"
    />
    <div class="buttons">
      <ActionButton submits :disabled="busy">{{ ways.less }}</ActionButton>
      <ActionButton v-if="!piece.oneWay" :disabled="busy" @click="changeBy(1)">{{ ways.more }}</ActionButton>
    </div>
  </form>
</template>
