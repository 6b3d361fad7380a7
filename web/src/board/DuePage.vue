<script setup lang="ts">
import { computed } from 'vue'
import { useDue } from '@/api/board'
import PageFrame from '@/ui/PageFrame.vue'
import TableCard from '@/ui/TableCard.vue'
import { useWords } from '@/words/words'

/** Limits until they are mended, and rechecks: what is overdue comes first. */
const words = useWords()
const due = useDue()
const rows = computed(() => due.data.value ?? [])
const overdue = computed(() => rows.value.filter((r) => r.isOverdue).length)
const sentence = computed(() =>
  rows.value.length === 0
    ? words.value.text('due.NOTHING')
    : words.value.text(overdue.value ? 'due.OVERDUE_COUNT' : 'due.COUNT', {
        count: rows.value.length,
        overdueCount: overdue.value,
      }),
)
</script>

<template>
  <PageFrame>
    <h1>{{ due.data.value ? sentence : words.text('tuning.ONE_MOMENT') }}</h1>
    <p class="soft">{{ words.text('due.WHY') }}</p>
    <p v-if="due.error.value" class="wrong" role="alert">{{ due.error.value.message }}</p>
    <TableCard v-if="rows.length">
      <thead>
        <tr>
          <th>{{ words.text('due.DAY') }}</th>
          <th>{{ words.text('due.WHAT') }}</th>
          <th>{{ words.text('due.INSTALLATION') }}</th>
          <th>{{ words.text('due.USE') }}</th>
          <th>{{ words.text('due.REASON') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.what + r.installationId" :class="{ late: r.isOverdue }">
          <td class="day whole">
            {{ r.day ?? words.text('due.NO_DAY') }}
            <b v-if="r.isOverdue">{{ words.text('due.OVERDUE') }}</b>
          </td>
          <td class="whole">{{ words.text(`due.${r.what}`) }}</td>
          <td>
            <RouterLink class="name" :to="`/installations/${r.installationId}`">{{ r.title }}</RouterLink>
            <span class="soft below">{{ r.shopNumber }}, {{ r.customer }}</span>
          </td>
          <td>
            <template v-if="r.what === 'MEND'">{{
              r.limitW === undefined
                ? words.text('due.NO_LIMIT')
                : words.text('tuning.AT_MOST_W', { limitW: r.limitW })
            }}</template>
            <template v-else-if="r.finding">{{
              words.text('recheck.FOUND', { finding: words.phrase(r.finding) })
            }}</template>
          </td>
          <td>
            {{ r.why }}
            <span v-if="r.who" class="soft">{{ words.text('tuning.MENDED_BY_WHOM', { who: r.who }) }}</span>
          </td>
        </tr>
      </tbody>
    </TableCard>
  </PageFrame>
</template>

<style scoped>
.late .day {
  color: var(--coral);
}
</style>
