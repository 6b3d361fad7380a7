<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { formatMhz } from '@/units/frequency'
import { capital, useWords } from '@/words/words'

/** What became of it since it was signed off, in one sentence, and what may have done that. */
const props = defineProps<{ recheck: Schemas['RecheckView'] }>()
const words = useWords()
const dip = computed(() => {
  const { thenDipHz, nowDipHz } = props.recheck
  if (thenDipHz === undefined || nowDipHz === undefined) return ''
  const { dipDoubtHz } = props.recheck
  const isSwept = dipDoubtHz === 0
  return words.value.text(isSwept ? 'recheck.DIP' : 'recheck.DIP_ABOUT', {
    then: formatMhz(thenDipHz, isSwept ? 3 : 1),
    now: formatMhz(nowDipHz, isSwept ? 3 : 1),
    dipShiftHz: nowDipHz - thenDipHz,
    ...(isSwept ? {} : { dipDoubtHz }),
  })
})
</script>

<template>
  <p class="sentence">{{ words.text(`recheck.SAYS_${recheck.id}`) }}</p>
  <p class="soft">{{ dip }} {{ words.text('recheck.CHANCE', { unchangedChance: recheck.unchanged }) }}</p>
  <p v-if="recheck.otherwise.length" class="caution">
    {{
      words.text('recheck.OTHERWISE', {
        circumstances: recheck.otherwise.map((c) => words.text(`circumstance.${c.name}`)).join(', '),
      })
    }}
  </p>
  <ul v-if="recheck.causes.length" class="causes">
    <li v-for="c in recheck.causes" :key="c.cause.name.id">
      <b>{{ capital(words.phrase(c.cause.name)) }}</b> (<span class="whole">{{
        words.text('recheck.OF_THESE', { causeChance: c.probability })
      }}</span
      >): {{ words.phrase(c.cause.evidence) }}.
      <span class="soft">{{ words.text('next.TO_TELL', { check: words.phrase(c.cause.test) }) }}</span>
    </li>
  </ul>
</template>
