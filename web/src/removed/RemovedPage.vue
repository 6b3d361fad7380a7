<script setup lang="ts">
import PageFrame from '@/ui/PageFrame.vue'
import TableCard from '@/ui/TableCard.vue'
import SortHead from '@/ui/SortHead.vue'
import { useSorted } from '@/ui/useSorted'
import ActionButton from '@/ui/ActionButton.vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { useMe } from '@/api/people'
import { useForm } from '@/shell/useForm'
import { capital, useWords } from '@/words/words'
import { formatTime } from '@/units/time'

/** What was removed from the shop, and the way back. */
type Removed = Schemas['RemovedView']

const words = useWords()
const KEY = ['removed'] as const
const client = useQueryClient()
const me = useMe()
const mayPutBack = computed(() => me.data.value?.role !== 'VIEWER')
const removed = useQuery({ queryKey: KEY, queryFn: () => answer(api.GET('/api/removed')) })
const { sort, sorted } = useSorted(
  computed(() => removed.data.value ?? []),
  { kind: (r) => words.value.phrase(r.kind), name: (r) => r.name, at: (r) => r.removedAt },
)
const { busy, trouble, submit } = useForm()
const said = ref('')

async function putBack(thing: Removed) {
  said.value = ''
  const done = await submit(async () => {
    await answer(api.POST('/api/removed/{id}/put-back', { params: { path: { id: thing.id } } }))
  })
  if (done)
    said.value = words.value.text('removedView.IS_BACK', {
      kind: words.value.phrase(thing.kind),
      name: thing.name,
    })
  // It stands in lists that other pages remember.
  await client.invalidateQueries()
}
</script>

<template>
  <PageFrame width="text">
    <h1>{{ words.text('removedView.TITLE') }}</h1>
    <p class="soft">
      {{ words.text('removedView.WHY') }}
    </p>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-if="trouble || removed.error.value" class="wrong" role="alert">
      {{ trouble || removed.error.value?.message }}
    </p>
    <TableCard v-if="removed.data.value?.length">
      <thead>
        <tr>
          <SortHead v-model:sort="sort" by="kind" :name="words.text('removedView.WHAT')" />
          <SortHead v-model:sort="sort" by="name" :name="words.text('removedView.NAME')" />
          <SortHead v-model:sort="sort" by="at" :name="words.text('removedView.AT')" />
          <th>
            <span class="visually-hidden">{{ words.text('removedView.PUT_BACK') }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in sorted" :key="r.id">
          <td>{{ capital(words.phrase(r.kind)) }}</td>
          <td class="called">{{ r.name }}</td>
          <td class="soft">{{ formatTime(r.removedAt) }}, {{ r.removedBy }}</td>
          <td class="deeds">
            <ActionButton
              v-if="mayPutBack"
              quiet
              :disabled="busy"
              :aria-label="words.text('removedView.PUT_NAMED', { name: r.name })"
              @click="putBack(r)"
            >
              {{ words.text('removedView.PUT_BACK') }}
            </ActionButton>
          </td>
        </tr>
      </tbody>
    </TableCard>
    <p v-else-if="removed.data.value" class="soft">{{ words.text('removedView.NOTHING') }}</p>
  </PageFrame>
</template>

<style scoped>
.called {
  overflow-wrap: anywhere;
}
</style>
