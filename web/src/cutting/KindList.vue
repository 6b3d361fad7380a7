<script setup lang="ts">
import { useWords } from '@/words/words'
import { useQuery } from '@tanstack/vue-query'
import { cutKinds, useSavedSheets } from '@/api/cutSheets'
import { formatMhz } from '@/units/frequency'

/** What can be made, and what the shop keeps. */
const kinds = useQuery(cutKinds)
const { sheets } = useSavedSheets()
const words = useWords()

/** In the middle of what it is for, by its logarithm; somewhere to begin. */
const USUAL_HZ = [146e6, 27.185e6, 127e6, 446e6]
const begin = (low: number, high: number) =>
  USUAL_HZ.find((hz) => hz >= low && hz <= high) ?? Math.round(Math.sqrt(low * high))
</script>

<template>
  <div class="list">
    <h1>{{ words.text('cutPage.CUT_SHEETS') }}</h1>
    <p class="soft">{{ words.text('cutPage.WHAT_SHALL') }}</p>
    <section v-if="sheets.data.value?.length" class="card block">
      <h2>{{ words.text('cutPage.SHELF') }}</h2>
      <ul class="bare">
        <li v-for="s in sheets.data.value" :key="s.id">
          <RouterLink :to="{ path: '/cutting', query: { sheet: s.id } }">{{ s.name }}</RouterLink>
          <span class="soft whole">{{ s.shopNumber ?? '' }} {{ s.changedBy }}</span>
        </li>
      </ul>
    </section>
    <div class="kinds">
      <RouterLink
        v-for="k in kinds.data.value ?? []"
        :key="k.id"
        class="card kind"
        :to="{ path: '/cutting', query: { kind: k.id, f: String(begin(k.lowestHz, k.highestHz)) } }"
      >
        <b>{{ words.sentence(k.title) }}</b>
        <span>{{ words.sentence(k.about) }}</span>
        <span class="hint">{{
          words.text('cutPage.FROM_TO', { low: formatMhz(k.lowestHz, 0), high: formatMhz(k.highestHz, 0) })
        }}</span>
      </RouterLink>
    </div>
  </div>
</template>

<style scoped>
.list {
  max-width: 1240px;
  margin: 0 auto;
  padding: 18px 22px 40px;
  display: grid;
  gap: 12px;
}

.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 10px;
}

.kind {
  padding: 12px 16px;
  display: grid;
  gap: 4px;
  align-content: start;
  text-decoration: none;
}

.kind b {
  font-size: 17px;
}

.kind:hover {
  border-color: var(--trace);
}

.block {
  padding: 12px 16px;
}

ul {
  columns: 2 300px;
}

li {
  display: flex;
  gap: 10px;
  justify-content: space-between;
  min-height: 36px;
}
</style>
