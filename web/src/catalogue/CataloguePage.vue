<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { useMe } from '@/api/people'
import { useForm } from '@/shell/useForm'
import { reads } from '@/ui/reads'
import ActionButton from '@/ui/ActionButton.vue'
import ConfirmButton from '@/ui/ConfirmButton.vue'
import PageFrame from '@/ui/PageFrame.vue'
import SegmentField from '@/ui/SegmentField.vue'
import TableCard from '@/ui/TableCard.vue'
import TextField from '@/ui/TextField.vue'
import { notify } from '@/ui/notices'
import { capital, useWords } from '@/words/words'
import DoubleNames from './DoubleNames.vue'
import NameForm from './NameForm.vue'
import TableInAndOut from './TableInAndOut.vue'
import { SORTS, useDoubles, useNames, useRenewNames, type Name, type Sort } from './queries'
import { useMerge } from './useMerge'

/** The shop's names: customers, what they have fitted, antennas, bases; with how often each stands on an installation. */
const words = useWords()
const me = useMe()
const route = useRoute()
const router = useRouter()
const names = useNames()
const renew = useRenewNames()
const { trouble, submit } = useForm()
const doubles = useDoubles()
const { trouble: notMerged, reallyMerge, merge } = useMerge()

const sort = computed({
  get: () => SORTS.find((s) => s === route.query.sort) ?? 'CUSTOMER',
  set: (s: Sort) => void router.replace({ query: { sort: s } }),
})
const search = ref('')
const edited = ref<string>()
const isAdding = ref(false)
const isLead = computed(() => me.data.value?.role === 'LEAD')
const mayWrite = computed(() => me.data.value?.role !== undefined && me.data.value.role !== 'VIEWER')
const options = computed(() => SORTS.map((s) => ({ value: s, word: words.value.text(`catalogue.${s}`) })))
const shown = computed(() =>
  (names.data.value ?? []).filter(
    (n) => n.sort === sort.value && reads([n.name, n.customer, n.detail].join(' '), search.value),
  ),
)
const hasCustomer = computed(() => sort.value === 'CARRIED_BY')
/** The book, asked for what names it. */
const where = (n: Name) => ({ path: '/book', query: { search: n.name } })

const retire = (n: Name) =>
  submit(async () => {
    await answer(api.DELETE('/api/catalogue/{id}', { params: { path: { id: n.id } } }))
    notify(words.value.text('catalogue.RETIRED', { name: n.name }))
    await renew()
  })
</script>

<template>
  <PageFrame>
    <h1>{{ words.text('catalogue.TITLE') }}</h1>
    <p class="soft">{{ words.text('catalogue.WHY') }}</p>
    <p v-if="names.isLoadingError.value" class="wrong" role="alert">
      {{ names.error.value?.message }}
    </p>
    <template v-else-if="names.data.value">
      <SegmentField v-model="sort" :name="words.text('catalogue.SORT')" :options="options" />
      <div class="above">
        <TextField v-model="search" :name="words.text('catalogue.SEARCH')" :maxlength="100" />
        <p role="status" class="soft">{{ words.text('catalogue.SHOWN', { count: shown.length }) }}</p>
      </div>
      <TableCard v-if="shown.length">
        <thead>
          <tr>
            <th>{{ words.text('catalogue.NAME') }}</th>
            <th v-if="hasCustomer">{{ words.text('catalogue.WHOSE') }}</th>
            <th>{{ words.text('catalogue.DETAIL') }}</th>
            <th class="number">{{ words.text('catalogue.USED') }}</th>
            <th v-if="mayWrite"></th>
          </tr>
        </thead>
        <tbody>
          <template v-for="n in shown" :key="n.id">
            <tr v-if="edited === n.id">
              <td :colspan="hasCustomer ? 5 : 4">
                <NameForm :sort="sort" :entry="n" @done="edited = undefined" />
              </td>
            </tr>
            <tr v-else>
              <td>{{ n.name }}</td>
              <td v-if="hasCustomer">{{ n.customer }}</td>
              <td>{{ n.detail }}</td>
              <td class="number">
                <RouterLink v-if="n.usedCount" class="name" :to="where(n)">{{ n.usedCount }}</RouterLink>
                <template v-else>0</template>
              </td>
              <td v-if="mayWrite" class="deeds">
                <ActionButton quiet @click="edited = n.id">{{ words.text('catalogue.CHANGE') }}</ActionButton>
                <ConfirmButton
                  v-if="isLead"
                  :question="words.text('catalogue.RETIRE_REALLY', { name: n.name })"
                  :yes="words.text('catalogue.RETIRE')"
                  @confirmed="retire(n)"
                  >{{ words.text('catalogue.RETIRE') }}</ConfirmButton
                >
              </td>
            </tr>
          </template>
        </tbody>
      </TableCard>
      <p v-else class="soft">{{ words.text('catalogue.NONE') }}</p>
      <section v-if="isAdding" class="card stack">
        <NameForm :key="sort" :sort="sort" @done="isAdding = false" />
      </section>
      <ActionButton v-else-if="mayWrite" class="start" @click="isAdding = true">{{
        words.text('catalogue.ADD', { what: capital(words.text(`catalogueSort.${sort}`)) })
      }}</ActionButton>
      <DoubleNames
        v-if="isLead"
        :things="names.data.value"
        :doubles="doubles.data.value ?? []"
        :why="words.text('catalogue.DOUBLES_WHY')"
        :word="(stays) => words.text('catalogue.STAYS', { name: stays.name, count: stays.usedCount })"
        :question="reallyMerge"
        :trouble="notMerged"
        @put="merge"
      />
      <TableInAndOut of="catalogue" @taken="renew()" />
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <p class="soft">
        {{ words.text('catalogue.ELSEWHERE') }}
        <RouterLink to="/radios">{{ words.text('shell.page.RADIOS') }}</RouterLink>,
        <RouterLink to="/stations">{{ words.text('shell.page.STATIONS') }}</RouterLink>,
        <RouterLink to="/instruments">{{ words.text('shell.page.INSTRUMENTS') }}</RouterLink>,
        <RouterLink to="/desk/calibrations">{{ words.text('shell.page.CALIBRATIONS') }}</RouterLink>
      </p>
    </template>
  </PageFrame>
</template>

<style scoped>
.above {
  display: grid;
  grid-template-columns: minmax(0, 520px) auto;
  gap: 16px;
  align-items: end;
}
</style>
