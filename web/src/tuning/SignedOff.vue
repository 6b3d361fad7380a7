<script setup lang="ts">
import { computed } from 'vue'
import { formatTime } from '@/units/time'
import { watts, type Installation } from './sentence'

/** Who closed it and how it may be used. */
const props = defineProps<{ signOff: NonNullable<Installation['signOff']>; reopened?: string }>()

/** How a signed-off installation may be used until it is mended, and what it costs. */
const limitWords = computed(() => {
  const s = props.signOff
  if (!s.reason) return ''
  return [
    s.limitW === undefined ? '' : `At most ${watts(s.limitW)}.`,
    s.due === undefined ? '' : `To be mended by ${s.due}.`,
    s.costDb === undefined || Math.abs(s.costDb) < 0.05
      ? ''
      : `${Math.abs(s.costDb).toFixed(1)} dB ${s.costDb > 0 ? 'lost' : 'gained'} by the match.`,
  ]
    .filter((w) => w !== '')
    .join(' ')
})
</script>

<template>
  <p :class="reopened ? 'before' : 'sentence'">
    {{ reopened ? 'Was signed' : 'Signed' }} off{{ signOff.reason ? ' by judgement' : '' }} on pass
    {{ signOff.passNumber }}.
  </p>
  <p class="soft">{{ signOff.by }}, {{ formatTime(signOff.at) }}. {{ signOff.remark }}</p>
  <p v-if="signOff.reason">{{ signOff.reason }}</p>
  <p v-if="limitWords" :class="reopened ? 'soft' : 'trouble'">{{ limitWords }}</p>
  <p v-if="reopened" class="soft">{{ reopened }}</p>
</template>

<style scoped>
.before {
  font-weight: 600;
}

.sentence {
  font-size: 25px;
  line-height: 1.2;
  font-weight: 640;
}
</style>
