<script setup lang="ts">
import { computed } from 'vue'
import { useDue, useDueCount } from '@/api/board'
import MoreRow from '@/ui/MoreRow.vue'
import PageFrame from '@/ui/PageFrame.vue'
import TableCard from '@/ui/TableCard.vue'
import { formatDay } from '@/units/time'
import { useWords } from '@/words/words'

/** Limits until they are mended, and rechecks: what is overdue comes first. */
const words = useWords()
const due = useDue()
const counted = useDueCount()
const rows = computed(() => due.rows.value ?? [])
const sentence = computed(() => {
  const counts = counted.data.value
  if (!counts) return words.value.text('tuning.ONE_MOMENT')
  if (counts.count === 0) return words.value.text('due.NOTHING')
  return words.value.text(counts.overdueCount ? 'due.OVERDUE_COUNT' : 'due.COUNT', counts)
})
</script>

<template>
  <PageFrame>
    <h1>{{ sentence }}</h1>
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
            {{ r.day ? formatDay(r.day) : words.text('due.NO_DAY') }}
            <b v-if="r.isOverdue">{{ words.text('due.OVERDUE') }}</b>
          </td>
          <td class="whole">{{ words.text(`due.${r.what}`) }}</td>
          <td>
            <RouterLink class="name" :to="`/installations/${r.installationId}`">{{ r.title }}</RouterLink>
            <span class="soft below">{{ r.shopNumber }}, {{ r.customer }}</span>
          </td>
          <td class="whole">
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
    <MoreRow
      v-if="due.hasNextPage.value"
      :shown="rows.length"
      :all="counted.data.value?.count ?? rows.length"
      :is-coming="due.isFetchingNextPage.value"
      @more="due.fetchNextPage()"
    />
  </PageFrame>
</template>

<style scoped>
.late .day {
  color: var(--coral);
}
</style>
