<script setup lang="ts">
import { computed } from 'vue'
import { formatTime } from '@/units/time'
import { useWords } from '@/words/words'
import type { Installation } from './sentence'
import SignedOff from './SignedOff.vue'

/** Each time that someone worked on it, the last first, and how that ended. */
const props = defineProps<{ installation: Installation }>()
const words = useWords()
const visits = computed(() => [...props.installation.visits].reverse())
</script>

<template>
  <section class="card stack">
    <h2>{{ words.text('tuning.VISITS') }}</h2>
    <RouterLink :to="`/installations/${installation.id}/history`">{{
      words.text('history.LINK')
    }}</RouterLink>
    <div v-for="v in visits" :key="v.id" class="one">
      <h3>
        {{ words.text('tuning.VISIT', { visit: `${v.number}`, purpose: words.text(`visit.${v.purpose}`) }) }}
      </h3>
      <p class="soft">
        {{ words.text('tuning.OPENED_BY', { by: v.openedBy, at: formatTime(v.openedAt) }) }} {{ v.why }}
      </p>
      <SignedOff v-if="v.signOff" :sign-off="v.signOff" in-list />
      <p v-else>{{ words.text('tuning.VISIT_OPEN') }}</p>
    </div>
  </section>
</template>

<style scoped>
.one {
  display: grid;
  gap: 2px;
  overflow-wrap: anywhere;
}

.one + .one {
  border-top: 1px solid var(--line);
  padding-top: 10px;
}

h3 {
  margin: 0;
  font-size: 17px;
}
</style>
