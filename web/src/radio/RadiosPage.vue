<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useMe } from '@/api/people'
import { useRadios } from '@/api/radios'
import TableInAndOut from '@/catalogue/TableInAndOut.vue'
import WrittenTwice from '@/catalogue/WrittenTwice.vue'
import ActionButton from '@/ui/ActionButton.vue'
import PageFrame from '@/ui/PageFrame.vue'
import TableCard from '@/ui/TableCard.vue'
import { formatTime } from '@/units/time'
import { useWords } from '@/words/words'
import RadioForm from './RadioForm.vue'
import type { Radio } from './check'

/** The shop's radios, each with what its last bench check came to. */
const words = useWords()
const router = useRouter()
const me = useMe()
const { radios, renew } = useRadios()
const mayWrite = computed(() => me.data.value?.role !== 'VIEWER')
const isAdding = ref(false)

async function added(radio: Radio) {
  isAdding.value = false
  await renew()
  void router.push(`/radios/${radio.id}`)
}
</script>

<template>
  <PageFrame>
    <h1>{{ words.text('radios.TITLE') }}</h1>
    <p class="soft">{{ words.text('radios.WHY') }}</p>
    <p v-if="radios.isLoadingError.value" class="wrong" role="alert">
      {{ radios.error.value?.message }}
    </p>
    <p v-if="radios.data.value?.length === 0">{{ words.text('radios.NONE') }}</p>
    <TableCard v-else-if="radios.data.value">
      <thead>
        <tr>
          <th>{{ words.text('radios.NAME') }}</th>
          <th class="number">{{ words.text('radios.RATED') }}</th>
          <th>{{ words.text('radios.VERDICT') }}</th>
          <th>{{ words.text('radios.DAY') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in radios.data.value" :key="r.id">
          <td>
            <RouterLink class="name" :to="`/radios/${r.id}`">{{ r.name }}</RouterLink>
            <span v-if="r.note" class="soft below">{{ r.note }}</span>
          </td>
          <td class="number">{{ r.ratedPowerW }}</td>
          <td>
            <template v-if="r.newest">{{ words.sentence(r.newest.verdict.says) }}</template>
            <span v-else class="soft">{{ words.text('radios.NEVER') }}</span>
          </td>
          <td>
            {{
              r.newest
                ? words.text('radios.CHECKED', {
                    when: formatTime(r.newest.checkedAt),
                    who: r.newest.checkedBy,
                  })
                : ''
            }}
          </td>
        </tr>
      </tbody>
    </TableCard>
    <RadioForm v-if="isAdding" @saved="added" @left="isAdding = false" />
    <ActionButton v-else-if="mayWrite" class="start" @click="isAdding = true">{{
      words.text('radios.ADD')
    }}</ActionButton>
    <WrittenTwice of="radios" :things="radios.data.value ?? []" @merged="renew()" />
    <TableInAndOut of="radios" @taken="renew()" />
  </PageFrame>
</template>
