<script setup lang="ts">
import { NModal } from 'naive-ui'
import ActionButton from '@/ui/ActionButton.vue'
import PlainTable from '@/ui/PlainTable.vue'
import { useWords } from '@/words/words'
import type { Numbers } from './numbers'

/** A picture's figures as a table; gives the focus back where it came from. */
defineProps<{ title: string; numbers: Numbers }>()
const emit = defineEmits<{ close: [] }>()
const words = useWords()
</script>

<template>
  <NModal
    :show="true"
    preset="card"
    class="numbers"
    :title="title"
    content-style="overflow: auto; max-height: 62vh"
    @update:show="emit('close')"
  >
    <PlainTable>
      <thead>
        <tr>
          <th v-for="h in numbers.heads" :key="h">{{ h }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in numbers.rows" :key="i">
          <td v-for="(cell, k) in row" :key="k">{{ cell }}</td>
        </tr>
      </tbody>
    </PlainTable>
    <template #footer>
      <ActionButton @click="emit('close')">{{ words.text('tuning.CLOSE') }}</ActionButton>
    </template>
  </NModal>
</template>

<style>
.n-modal.numbers {
  width: min(920px, 94vw);
}

.numbers th,
.numbers td {
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
}
</style>
