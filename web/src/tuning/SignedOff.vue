<script setup lang="ts">
import { useWords } from '@/words/words'
import { computed } from 'vue'
import { usePreferences } from '@/preferences'
import { formatBoth } from '@/units/length'
import { formatSwr } from '@/units/swr'
import { formatDay, formatTime } from '@/units/time'
import type { Installation } from './sentence'

const words = useWords()
const preferences = usePreferences()

/** Who closed it and how it may be used. */
const props = defineProps<{ signOff: NonNullable<Installation['signOff']>; inList?: boolean }>()

/** How a signed-off installation may be used until it is mended, and what it costs. */
const limitWords = computed(() => {
  const s = props.signOff
  return [
    s.limitW === undefined ? '' : words.value.text('tuning.AT_MOST_W', { limitW: s.limitW }),
    s.due === undefined ? '' : words.value.text('tuning.MENDED_BY_DATE', { due: formatDay(s.due) }),
    s.mendedBy === undefined ? '' : words.value.text('tuning.MENDED_BY_WHOM', { who: s.mendedBy }),
    !s.reason || s.costDb === undefined || Math.abs(s.costDb) < 0.05
      ? ''
      : words.value.text(s.costDb > 0 ? 'tuning.DB_LOST' : 'tuning.DB_GAINED', {
          db: Math.abs(s.costDb).toFixed(1),
        }),
  ]
    .filter((w) => w !== '')
    .join(' ')
})

/** The rule that it was judged by then; of an old one nobody knows. */
const ruleWords = computed(() => {
  const { rule, worstSwr } = props.signOff
  if (!rule) return ''
  const said = words.value.phrase(rule)
  return worstSwr === undefined
    ? words.value.text('tuning.JUDGED_BY_RULE', { rule: said })
    : words.value.text('tuning.JUDGED_BY', { rule: said, swr: formatSwr(worstSwr) })
})
</script>

<template>
  <p :class="inList ? 'strong' : 'sentence'">
    {{
      words.text(`tuning.SIGNED_OFF${signOff.reason ? '_JUDGED' : ''}`, {
        pass: `${signOff.passNumber}`,
      })
    }}
  </p>
  <p class="soft">{{ signOff.by }}, {{ formatTime(signOff.at) }}. {{ signOff.remark }}</p>
  <p v-if="signOff.reason">{{ signOff.reason }}</p>
  <ol v-if="inList && signOff.parts.length" :aria-label="words.text('parts.LIST')">
    <li v-for="(p, i) in signOff.parts" :key="i">
      {{ p.name }}{{ p.lengthM === undefined ? '' : `, ${formatBoth(p.lengthM, preferences.unit, true)}`
      }}{{ p.note ? `: ${p.note}` : '' }}
    </li>
  </ol>
  <p v-if="limitWords" :class="inList ? 'soft' : 'trouble'">{{ limitWords }}</p>
  <p v-if="inList && ruleWords" class="soft">{{ ruleWords }}</p>
  <p v-if="inList && signOff.finding" class="soft">
    {{ words.text('recheck.FOUND', { finding: words.phrase(signOff.finding) }) }}
  </p>
  <p v-if="signOff.returnedBy" class="soft">
    {{ words.text('tuning.RETURNED_BY_WHOM', { who: signOff.returnedBy }) }}
  </p>
  <p v-if="!inList" class="soft">
    {{ words.text('recheck.AGAIN_BY', { day: formatDay(signOff.recheckBy) }) }}
  </p>
</template>
