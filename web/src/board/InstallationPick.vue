<script setup lang="ts">
import { computed, ref } from 'vue'
import { useBoard } from '@/api/board'
import PickField from '@/ui/PickField.vue'

/** One installation of the shop, found by typing a part of its name, customer or number. */
const props = defineProps<{
  label: string
  placeholder: string
  only?: 'swept' | 'open'
  /** What is chosen already, with its name. */
  known?: { id: string; word: string } | undefined
}>()
const chosen = defineModel<string>({ default: '' })

const search = ref('')
const board = useBoard(search)
/** What was chosen keeps its name while something else is searched. */
const name = ref('')
const wordOf = (id: string) => name.value || (props.known?.id === id ? props.known.word : '')
const options = computed(() => {
  const found = (board.cards.value ?? [])
    .filter((c) => props.only !== 'swept' || c.newest)
    .filter((c) => props.only !== 'open' || !c.state.startsWith('SIGNED_OFF'))
    .map((c) => ({ value: c.id, word: `${c.shopNumber} ${c.title}` }))
  const word = wordOf(chosen.value)
  return !chosen.value || !word || found.some((o) => o.value === chosen.value)
    ? found
    : [{ value: chosen.value, word }, ...found]
})

function choose(id: string) {
  name.value = options.value.find((o) => o.value === id)?.word ?? ''
  chosen.value = id
}
</script>

<template>
  <PickField
    bare
    is-found
    clearable
    :name="label"
    :model-value="chosen || undefined"
    :options="options"
    :placeholder="placeholder"
    :loading="board.isFetching.value && search !== ''"
    @search="search = $event"
    @cleared="chosen = ''"
    @update:model-value="choose"
  />
</template>
