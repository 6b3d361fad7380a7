<script setup lang="ts">
import { NModal } from 'naive-ui'
import { useId } from 'vue'
import ActionButton from '@/ui/ActionButton.vue'
import PlainTable from '@/ui/PlainTable.vue'
import { useWords } from '@/words/words'
import type { Numbers } from './numbers'

/**
 * A picture's figures as a table; gives the focus back where it came from. The library's own card within a dialog tells assistive
 * technology neither its name nor how to scroll it.
 */
defineProps<{ title: string; numbers: Numbers }>()
const emit = defineEmits<{ close: [] }>()
const words = useWords()
const id = useId()
</script>

<template>
  <NModal :show="true" @update:show="emit('close')">
    <div class="card stack numbers" role="dialog" aria-modal="true" :aria-labelledby="id">
      <h2 :id="id">{{ title }}</h2>
      <div class="figures" role="region" tabindex="0" :aria-labelledby="id">
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
      </div>
      <ActionButton class="start" @click="emit('close')">{{ words.text('tuning.CLOSE') }}</ActionButton>
    </div>
  </NModal>
</template>

<style scoped>
.numbers {
  width: min(920px, 94vw);
}

h2 {
  font-size: 18px;
  line-height: 1.35;
}

.figures {
  max-height: 66vh;
  overflow: auto;
}

th,
td {
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
}
</style>
