<script setup lang="ts">
import MoreRow from '@/ui/MoreRow.vue'
import SegmentField from '@/ui/SegmentField.vue'
import { useEventListener, watchDebounced } from '@vueuse/core'
import { NInput } from 'naive-ui'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useBoard, useCounts, useDueCount } from '@/api/board'
import { useMe } from '@/api/people'
import { useWords } from '@/words/words'
import { isTyping } from '@/shell/keys'
import InstallationCard from './InstallationCard.vue'
import { stateOptions, type CardState } from './words'

/** Seen once in the life of a shop. */
const FirstSteps = defineAsyncComponent(() => import('./FirstSteps.vue'))

const router = useRouter()
const me = useMe()
const typed = ref('')
const search = ref('')
const state = ref<CardState>()
const board = useBoard(search, state)
const reckoned = useCounts(search)
const words = useWords()
const due = useDueCount()
const dueCount = computed(() => due.data.value?.count ?? 0)

watchDebounced(typed, (text) => (search.value = text), { debounce: 200 })

const mayWrite = computed(() => me.data.value?.role !== undefined && me.data.value.role !== 'VIEWER')
const cards = computed(() => board.cards.value ?? [])
const count = (s: CardState) => reckoned.data.value?.find((c) => c.state === s)?.count ?? 0
const counts = computed(() =>
  stateOptions(words.value).map(({ value, word }) => ({ state: value, word, count: count(value) })),
)
const states = computed(() => [
  { value: 'ALL' as const, word: words.value.text('boardPage.ALL', { count: all.value }) },
  ...counts.value.map((c) => ({ value: c.state, word: `${c.word} ${c.count}` })),
])
const shownState = computed({
  get: () => state.value ?? 'ALL',
  set: (shown: CardState | 'ALL') => (state.value = shown === 'ALL' ? undefined : shown),
})
const all = computed(() => counts.value.reduce((n, c) => n + c.count, 0))
const isEmptyShop = computed(
  () => board.cards.value?.length === 0 && !search.value && !typed.value && !state.value,
)
const sentence = computed(() => {
  const waiting = count('TUNING') + count('MET') + count('READY')
  return waiting === 0
    ? words.value.text('boardPage.NOTHING_WAITS')
    : words.value.text('boardPage.WAIT', { count: waiting })
})

function onKey(event: KeyboardEvent) {
  if (isTyping(event) || event.key !== 'n' || !mayWrite.value) return
  // The letter belongs to the page, and not to the field that opens.
  event.preventDefault()
  void router.push('/installations/new')
}
useEventListener(window, 'keydown', onKey)
</script>

<template>
  <div class="page">
    <div class="head">
      <div>
        <h1>{{ reckoned.data.value ? sentence : words.text('boardPage.MOMENT') }}</h1>
        <RouterLink v-if="dueCount" class="due" to="/due">{{
          words.text('due.COUNT', { count: dueCount })
        }}</RouterLink>
      </div>
      <RouterLink v-if="mayWrite" class="do new" to="/installations/new"
        >{{ words.text('boardPage.NEW') }} <kbd>N</kbd></RouterLink
      >
    </div>
    <div v-if="!isEmptyShop" class="filters">
      <NInput
        v-model:value="typed"
        class="search"
        clearable
        :placeholder="words.text('boardPage.SEARCH_IN')"
        :input-props="{ 'aria-label': words.text('boardPage.SEARCH'), type: 'search' }"
      />
      <SegmentField v-model="shownState" :name="words.text('boardPage.STATE')" :options="states" />
    </div>
    <p v-if="board.error.value" class="wrong" role="alert">{{ board.error.value.message }}</p>
    <div v-if="cards.length" class="cards">
      <InstallationCard v-for="card in cards" :key="card.id" :card="card" />
    </div>
    <MoreRow
      v-if="board.hasNextPage.value"
      :shown="cards.length"
      :all="board.total.value"
      :is-coming="board.isFetchingNextPage.value"
      @more="board.fetchNextPage()"
    />
    <section v-if="board.data.value && !cards.length" class="empty">
      <template v-if="!isEmptyShop">
        <h2>{{ words.text('boardPage.NOTHING_FITS') }}</h2>
        <p class="soft">{{ words.text('boardPage.TRY') }}</p>
      </template>
      <FirstSteps v-else :may-write="mayWrite" :is-lead="me.data.value?.role === 'LEAD'" />
    </section>
  </div>
</template>

<style scoped>
.page {
  padding: 22px;
  display: grid;
  gap: 14px;
  max-width: 1500px;
  margin: 0 auto;
}

.due {
  display: inline-flex;
  min-height: 44px;
  align-items: center;
}

.new {
  width: auto;
  min-height: 48px;
  text-decoration: none;
}

.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
}

.search {
  flex: 1 1 320px;
  max-width: 440px;
}

/* The field brings its own way to clear it. */
.search :deep(input::-webkit-search-cancel-button) {
  display: none;
}

.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(282px, 1fr));
  gap: 14px;
}

.empty {
  padding: 60px 0;
  display: grid;
  gap: 8px;
  justify-items: center;
}
</style>
