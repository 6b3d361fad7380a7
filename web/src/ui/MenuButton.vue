<script setup lang="ts" generic="T extends string">
import { NButton, NDropdown } from 'naive-ui'
import { computed, ref } from 'vue'
import type { Option } from './options'

/** A button that offers several things to do. */
const props = defineProps<{ word: string; options: Option<T>[] }>()
const emit = defineEmits<{ chosen: [value: T] }>()
const open = ref(false)
const items = computed(() => props.options.map((o) => ({ key: o.value, label: o.word })))
</script>

<template>
  <NDropdown
    v-model:show="open"
    trigger="click"
    :options="items"
    :menu-props="() => ({ role: 'menu', 'aria-label': word })"
    :node-props="() => ({ role: 'menuitem' })"
    @select="(value: T) => emit('chosen', value)"
  >
    <NButton class="other" aria-haspopup="menu" :aria-expanded="open" @keydown.down.prevent="open = true">
      {{ word }} <span aria-hidden="true">▾</span>
    </NButton>
  </NDropdown>
</template>
