<script setup lang="ts">
import { computed } from 'vue'
import { turned, type Sort } from './useSorted'

/** Head of a column that its table can be sorted by. */
const props = defineProps<{ by: string; name: string }>()
const sort = defineModel<Sort>('sort')
const way = computed(() =>
  sort.value?.by !== props.by ? 'none' : sort.value.isDown ? 'descending' : 'ascending',
)
</script>

<template>
  <th :aria-sort="way">
    <button type="button" @click="sort = turned(sort, by)">
      {{ name }}<span aria-hidden="true">{{ { none: '', ascending: '▲', descending: '▼' }[way] }}</span>
    </button>
  </th>
</template>

<style scoped>
button {
  border: 0;
  padding: 4px 0;
  min-height: 32px;
  background: none;
  color: inherit;
  font: inherit;
  text-align: inherit;
  cursor: pointer;
}

button:hover {
  text-decoration: underline;
}

span {
  display: inline-block;
  min-width: 1.1em;
  font-size: 0.7em;
  padding-left: 4px;
}
</style>
