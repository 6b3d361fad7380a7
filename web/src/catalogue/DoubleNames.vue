<script setup lang="ts">
import { computed } from 'vue'
import ConfirmButton from '@/ui/ConfirmButton.vue'
import { useWords } from '@/words/words'
import { useDoubles, type Name } from './queries'
import { useMerge } from './useMerge'

/** Names that are probably one thing written twice; a lead says which stays. */
const props = defineProps<{ names: Name[] }>()
const words = useWords()
const doubles = useDoubles()
const { trouble, merge } = useMerge()

const pairs = computed(() =>
  (doubles.data.value ?? []).flatMap((d) => {
    const one = props.names.find((n) => n.id === d.one)
    const other = props.names.find((n) => n.id === d.other)
    return one && other ? [{ one, other }] : []
  }),
)
</script>

<template>
  <section v-if="pairs.length" class="card">
    <h2>{{ words.text('catalogue.DOUBLES') }}</h2>
    <p class="hint">{{ words.text('catalogue.DOUBLES_WHY') }}</p>
    <ul>
      <li v-for="p in pairs" :key="p.one.id + p.other.id">
        <ConfirmButton
          v-for="[stays, leaves] in [
            [p.one, p.other],
            [p.other, p.one],
          ] as [Name, Name][]"
          :key="stays.id"
          :question="
            words.text('catalogue.MERGE_REALLY', {
              name: stays.name,
              other: leaves.name,
              count: leaves.usedCount,
            })
          "
          :yes="words.text('catalogue.MERGE')"
          @confirmed="merge(leaves, stays)"
        >
          {{ words.text('catalogue.STAYS', { name: stays.name, count: stays.usedCount }) }}
        </ConfirmButton>
      </li>
    </ul>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.card {
  padding: 12px 18px;
  display: grid;
  gap: 6px;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
</style>
