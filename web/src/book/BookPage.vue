<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useKinds } from '@/api/installation'
import { useMe, usePeople } from '@/api/people'
import { carrierOptions, stateOptions } from '@/board/words'
import { usePreferences } from '@/preferences'
import ActionButton from '@/ui/ActionButton.vue'
import DateField from '@/ui/DateField.vue'
import PickField from '@/ui/PickField.vue'
import PageFrame from '@/ui/PageFrame.vue'
import TableCard from '@/ui/TableCard.vue'
import TextField from '@/ui/TextField.vue'
import { formatMhz } from '@/units/frequency'
import { formatLength } from '@/units/length'
import { formatSensitivity } from '@/units/sensitivity'
import { formatSwr } from '@/units/swr'
import { formatTime } from '@/units/time'
import { useWords } from '@/words/words'
import { askedOf, filtersOf, PAGE_SIZE, withoutEmpty, type BookFilters } from './asked'
import { useBook } from './queries'

/** Every installation of the shop in a row, found by anything that is known of it; what is asked stands in the address. */
const route = useRoute()
const router = useRouter()
const words = useWords()
const preferences = usePreferences()
const me = useMe()
const kinds = useKinds()

const SETTLED_MS = 200
const filters = ref<BookFilters>(filtersOf(route.query))
const settled = refDebounced(filters, SETTLED_MS)
const asked = computed(() => askedOf(settled.value))
const found = useBook(asked)
const rows = computed(() => found.data.value?.rows ?? [])
const total = computed(() => found.data.value?.total ?? 0)
const mayWrite = computed(() => me.data.value?.role !== 'VIEWER')

watch(settled, (now) => void router.replace({ query: withoutEmpty(now) }))
/** Another link to this page is followed; what the page itself wrote there is what it shows. */
watch(
  () => route.query,
  (query) => {
    const linked = filtersOf(query)
    if (JSON.stringify(withoutEmpty(linked)) !== JSON.stringify(withoutEmpty(settled.value)))
      filters.value = linked
  },
)
/** Anything may stand in an address. */
const faultWord = computed(() =>
  words.value.phrase({ id: filters.value.fault, params: {}, text: filters.value.fault }),
)

function set(more: Partial<BookFilters>) {
  filters.value = { ...filters.value, page: '', ...more }
}

const kindOptions = computed(() =>
  (kinds.data.value ?? []).map((k) => ({ value: String(k.kind), word: words.value.phrase(k.words) })),
)
const kindWord = (kind: string) => kindOptions.value.find((k) => k.value === kind)?.word ?? kind
const people = usePeople()
const persons = computed(() =>
  (people.data.value ?? []).map((p) => ({ value: p.displayName, word: p.displayName })),
)
const fields = computed(
  () =>
    [
      { key: 'kind', name: 'book.KIND', options: kindOptions.value },
      { key: 'carrier', name: 'book.CARRIER', options: carrierOptions(words.value) },
      { key: 'state', name: 'book.STATE', options: stateOptions(words.value) },
      { key: 'person', name: 'book.PERSON', options: persons.value },
    ] as const,
)
const DAYS = [
  { key: 'signedFrom', name: 'book.SIGNED_FROM' },
  { key: 'signedTo', name: 'book.SIGNED_TO' },
] as const
const page = computed(() => Number(filters.value.page || 0))
const isFiltered = computed(() => Object.values(withoutEmpty(filters.value)).length > 0)
const fine = (m: number | undefined) => (m === undefined ? '' : formatLength(m, preferences.unit))
</script>

<template>
  <PageFrame width="whole">
    <h1>{{ words.text('book.TITLE') }}</h1>
    <p class="soft">{{ words.text('book.WHY') }}</p>
    <form class="filters" role="search" @submit.prevent>
      <TextField
        class="text"
        :model-value="filters.search"
        :name="words.text('book.SEARCH')"
        :placeholder="words.text('book.SEARCH_HINT')"
        :maxlength="200"
        @update:model-value="set({ search: $event })"
      />
      <PickField
        v-for="f in fields"
        :key="f.key"
        v-bind="filters[f.key] ? { modelValue: filters[f.key] } : {}"
        clearable
        :name="words.text(f.name)"
        :placeholder="words.text('book.ANY')"
        :options="f.options"
        @update:model-value="set({ [f.key]: $event })"
        @cleared="set({ [f.key]: '' })"
      />
      <DateField
        v-for="d in DAYS"
        :key="d.key"
        :model-value="filters[d.key]"
        :name="words.text(d.name)"
        @update:model-value="set({ [d.key]: $event })"
      />
    </form>
    <p v-if="filters.fault" class="soft">
      {{ words.text('book.ONLY_FAULT', { fault: faultWord }) }}
      <ActionButton quiet @click="set({ fault: '' })">{{ words.text('book.ANY_FAULT') }}</ActionButton>
    </p>
    <p v-if="found.isLoadingError.value" class="wrong" role="alert">
      {{ found.error.value?.message }}
    </p>
    <p v-else-if="found.data.value" role="status">
      {{ words.text(total || isFiltered ? 'book.FOUND' : 'book.EMPTY', { count: total }) }}
    </p>
    <TableCard v-if="rows.length">
      <thead>
        <tr>
          <th>{{ words.text('book.INSTALLATION') }}</th>
          <th>{{ words.text('book.WHAT') }}</th>
          <th class="number">MHz</th>
          <th class="number">{{ words.text('book.LENGTH') }}</th>
          <th class="number whole">
            {{ words.text(preferences.unit === 'mm' ? 'book.MHZ_PER_MM' : 'book.MHZ_PER_INCH') }}
          </th>
          <th class="number">{{ words.text('book.CHANGES') }}</th>
          <th class="number">{{ words.text('tuning.SWR') }}</th>
          <th>{{ words.text('book.FAULTS') }}</th>
          <th>{{ words.text('book.STATE') }}</th>
          <th v-if="mayWrite">
            <span class="visually-hidden">{{ words.text('book.NEXT') }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.id">
          <td>
            <RouterLink class="name" :to="`/installations/${r.id}`">{{ r.title }}</RouterLink>
            <span class="soft below">{{ r.shopNumber }}, {{ r.customer }}</span>
          </td>
          <td class="what">
            {{ kindWord(r.kind) }}
            <span class="soft below">{{
              [words.text(`fittedTo.${r.carrier}`), r.mount, r.antenna].filter(Boolean).join(', ')
            }}</span>
          </td>
          <td class="number">{{ formatMhz(r.middleHz) }}</td>
          <td class="number">{{ fine(r.finalLengthM) }}</td>
          <td class="number">{{ formatSensitivity(r.sensitivityHzPerM, preferences.unit) }}</td>
          <td class="number">{{ r.readings ? r.changes : '' }}</td>
          <td class="number">{{ r.worstSwr === undefined ? '' : formatSwr(r.worstSwr) }}</td>
          <td>
            <ActionButton
              v-for="f in r.faults"
              :key="f.id"
              quiet
              class="link"
              @click="set({ fault: f.id })"
              >{{ words.phrase(f) }}</ActionButton
            >
          </td>
          <td>
            {{ words.text(`state.${r.state}`) }}
            <span class="soft below">{{ r.people.join(', ') }}, {{ formatTime(r.touchedAt) }}</span>
          </td>
          <td v-if="mayWrite">
            <RouterLink
              v-if="r.signedAt"
              class="other whole"
              :to="{ path: '/installations/new', query: { like: r.id } }"
              >{{ words.text('book.ONE_LIKE_IT') }}</RouterLink
            >
          </td>
        </tr>
      </tbody>
    </TableCard>
    <nav v-if="total > PAGE_SIZE" class="pages" :aria-label="words.text('book.PAGES')">
      <ActionButton :disabled="page === 0" @click="set({ page: page > 1 ? String(page - 1) : '' })">{{
        words.text('book.BEFORE')
      }}</ActionButton>
      <span>{{
        words.text('book.PAGE', { page: String(page + 1), pages: String(Math.ceil(total / PAGE_SIZE)) })
      }}</span>
      <ActionButton :disabled="(page + 1) * PAGE_SIZE >= total" @click="set({ page: String(page + 1) })">{{
        words.text('book.AFTER')
      }}</ActionButton>
    </nav>
  </PageFrame>
</template>

<style scoped>
.filters {
  display: grid;
  grid-template-columns: minmax(240px, 2fr) repeat(3, minmax(150px, 1fr));
  gap: 12px;
  align-items: start;
}

.pages {
  display: flex;
  align-items: center;
  gap: 12px;
}

@media (max-width: 1000px) {
  .filters {
    grid-template-columns: 1fr 1fr;
  }

  .text {
    grid-column: 1 / -1;
  }

  /* All of it is on its own page. */
  .what .below {
    display: -webkit-box;
    min-width: 200px;
    overflow: hidden;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 3;
  }
}
</style>
