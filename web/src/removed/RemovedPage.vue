<script setup lang="ts">
import PageFrame from '@/ui/PageFrame.vue'
import TableCard from '@/ui/TableCard.vue'
import SortHead from '@/ui/SortHead.vue'
import { useSorted } from '@/ui/useSorted'
import ActionButton from '@/ui/ActionButton.vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { useMe } from '@/api/queries'
import { useForm } from '@/shell/useForm'
import { formatTime } from '@/units/time'

/** What was removed from the shop, and the way back. */
type Removed = Schemas['RemovedView']

const KEY = ['removed'] as const
const client = useQueryClient()
const me = useMe()
const mayPutBack = computed(() => me.data.value?.role !== 'VIEWER')
const removed = useQuery({ queryKey: KEY, queryFn: () => answer(api.GET('/api/removed')) })
const { sort, sorted } = useSorted(
  computed(() => removed.data.value ?? []),
  { kind: (r) => r.kind, name: (r) => r.name, at: (r) => r.removedAt },
)
const { busy, trouble, submit } = useForm()
const said = ref('')

async function putBack(thing: Removed) {
  said.value = ''
  const done = await submit(async () => {
    await answer(api.POST('/api/removed/{id}/put-back', { params: { path: { id: thing.id } } }))
  })
  if (done) said.value = `The ${thing.kind} “${thing.name}” is back.`
  // It stands in lists that other pages remember.
  await client.invalidateQueries()
}
</script>

<template>
  <PageFrame width="text">
    <h1>Removed</h1>
    <p class="soft">
      Plans, cut sheets, channel lists, calibrations, instruments, radios and stations that somebody removed.
      They are laid aside, not erased. A pass that was taken back is on its installation’s page.
    </p>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-if="trouble || removed.error.value" class="wrong" role="alert">
      {{ trouble || removed.error.value?.message }}
    </p>
    <TableCard v-if="removed.data.value?.length">
      <thead>
        <tr>
          <SortHead v-model:sort="sort" by="kind" name="What" />
          <SortHead v-model:sort="sort" by="name" name="Name" />
          <SortHead v-model:sort="sort" by="at" name="Removed" />
          <th><span class="visually-hidden">Put back</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in sorted" :key="r.id">
          <td>{{ r.kind }}</td>
          <td class="called">{{ r.name }}</td>
          <td class="soft">{{ formatTime(r.removedAt) }}, {{ r.removedBy }}</td>
          <td class="deed">
            <ActionButton
              v-if="mayPutBack"
              quiet
              :disabled="busy"
              :aria-label="`Put ${r.name} back`"
              @click="putBack(r)"
            >
              Put back
            </ActionButton>
          </td>
        </tr>
      </tbody>
    </TableCard>
    <p v-else-if="removed.data.value" class="soft">Nothing is laid aside.</p>
  </PageFrame>
</template>

<style scoped>
.called {
  overflow-wrap: anywhere;
}

.deed {
  text-align: right;
}
</style>
