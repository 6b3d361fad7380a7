<script setup lang="ts">
import { formatTime } from '@/units/time'
import type { Installation } from './sentence'
import SignedOff from './SignedOff.vue'

/** What was signed off before and reopened: by whom, how it could be used, and who reopened it. */
defineProps<{ installation: Installation }>()
</script>

<template>
  <section v-if="installation.earlierSignOffs.length" class="card">
    <h2>Signed off before</h2>
    <div v-for="e in [...installation.earlierSignOffs].reverse()" :key="e.reopenedAt" class="one">
      <SignedOff
        :sign-off="e.signOff"
        :reopened="`Reopened by ${e.reopenedBy}, ${formatTime(e.reopenedAt)}.`"
      />
    </div>
  </section>
</template>

<style scoped>
.card {
  padding: 18px 20px;
  display: grid;
  gap: 10px;
}

.one + .one {
  border-top: 1px solid var(--line);
  padding-top: 10px;
}
</style>
