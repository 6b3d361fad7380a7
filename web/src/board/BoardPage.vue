<script setup lang="ts">
import { useEventListener, watchDebounced } from '@vueuse/core'
import { NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useBoard, useCounts, useMe } from '@/api/queries'
import { isTyping } from '@/shell/keys'
import InstallationCard from './InstallationCard.vue'
import { STATES, type CardState } from './words'

const router = useRouter()
const me = useMe()
const typed = ref('')
const search = ref('')
const state = ref<CardState>()
const board = useBoard(search, state)
const reckoned = useCounts(search)
const field = ref<InstanceType<typeof NInput>>()

watchDebounced(typed, (text) => (search.value = text), { debounce: 200 })

const mayWrite = computed(() => me.data.value?.role !== undefined && me.data.value.role !== 'VIEWER')
const cards = computed(() => board.cards.value ?? [])
const count = (s: CardState) => reckoned.data.value?.find((c) => c.state === s)?.count ?? 0
const counts = computed(() =>
  (Object.keys(STATES) as CardState[]).map((s) => ({ state: s, word: STATES[s], count: count(s) })),
)
const all = computed(() => counts.value.reduce((n, c) => n + c.count, 0))
const sentence = computed(() => {
  const waiting = count('TUNING') + count('MET') + count('READY')
  return waiting === 0
    ? 'Nothing is waiting.'
    : `${waiting} ${waiting === 1 ? 'installation waits' : 'installations wait'} for a hand.`
})

function onKey(event: KeyboardEvent) {
  if (isTyping(event)) return
  if (event.key === '/') {
    event.preventDefault()
    field.value?.focus()
  } else if (event.key === 'n' && mayWrite.value) {
    void router.push('/installations/new')
  }
}
useEventListener(window, 'keydown', onKey)
</script>

<template>
  <div class="page">
    <div class="top">
      <h1>{{ reckoned.data.value ? sentence : 'One moment…' }}</h1>
      <RouterLink v-if="mayWrite" class="do new" to="/installations/new"
        >New installation <kbd>N</kbd></RouterLink
      >
    </div>
    <div class="filters">
      <NInput
        ref="field"
        v-model:value="typed"
        class="search"
        clearable
        placeholder="Search name, customer, number, antenna   ( / )"
        :input-props="{ 'aria-label': 'Search', type: 'search' }"
      />
      <div class="states" role="group" aria-label="State">
        <button :aria-pressed="state === undefined" @click="state = undefined">All {{ all }}</button>
        <button v-for="c in counts" :key="c.state" :aria-pressed="state === c.state" @click="state = c.state">
          {{ c.word }} {{ c.count }}
        </button>
      </div>
    </div>
    <p v-if="board.error.value" class="wrong" role="alert">{{ board.error.value.message }}</p>
    <div v-if="cards.length" class="cards">
      <InstallationCard v-for="card in cards" :key="card.id" :card="card" />
    </div>
    <p v-if="board.hasNextPage.value" class="more">
      <span class="soft">{{ cards.length }} of {{ board.total.value }}</span>
      <button class="other" :disabled="board.isFetchingNextPage.value" @click="board.fetchNextPage()">
        Show more
      </button>
    </p>
    <section v-if="board.data.value && !cards.length" class="empty">
      <template v-if="search || state">
        <h2>Nothing fits this search.</h2>
        <p class="soft">Try fewer letters, or another state.</p>
      </template>
      <template v-else>
        <h2>No installation yet.</h2>
        <p class="soft">
          Start with what it is fitted to, the antenna and the channels that must work; then sweep it.
        </p>
      </template>
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

.top {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 16px;
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

.states {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.states button {
  min-height: 44px;
  padding: 4px 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: none;
  font-size: 15px;
  white-space: nowrap;
}

.states button[aria-pressed='true'] {
  background: var(--card);
  border-color: var(--trace);
  box-shadow: inset 0 0 0 1px var(--trace);
  font-weight: 600;
}

.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(282px, 1fr));
  gap: 14px;
}

.more {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: center;
}

.empty {
  padding: 60px 0;
  display: grid;
  gap: 8px;
  justify-items: center;
  text-align: center;
}
</style>
