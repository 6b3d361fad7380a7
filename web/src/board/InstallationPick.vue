<script setup lang="ts">
import { NSelect } from 'naive-ui'
import { computed, ref } from 'vue'
import { useBoard } from '@/api/queries'

/** One installation of the shop, found by typing a part of its name, customer or number. */
const props = defineProps<{ label: string; placeholder: string; only?: 'swept' | 'open' }>()
const chosen = defineModel<string>({ default: '' })

const search = ref('')
const board = useBoard(search)
/** What was chosen keeps its name while something else is searched. */
const name = ref('')
const options = computed(() => {
  const found = (board.cards.value ?? [])
    .filter((c) => props.only !== 'swept' || c.newest)
    .filter((c) => props.only !== 'open' || !c.state.startsWith('SIGNED_OFF'))
    .map((c) => ({ value: c.id, label: `${c.shopNumber} ${c.title}` }))
  return !chosen.value || !name.value || found.some((o) => o.value === chosen.value)
    ? found
    : [{ value: chosen.value, label: name.value }, ...found]
})

function choose(id: string | null, option: { label?: unknown } | null) {
  name.value = typeof option?.label === 'string' ? option.label : ''
  chosen.value = id ?? ''
}
</script>

<template>
  <NSelect
    :value="chosen || null"
    :options="options"
    :placeholder="placeholder"
    :loading="board.isFetching.value && search !== ''"
    :input-props="{ 'aria-label': label }"
    filterable
    remote
    clearable
    @search="search = $event"
    @update:value="choose"
  />
</template>
