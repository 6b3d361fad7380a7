<script setup lang="ts">
import { computed } from 'vue'
import { usePreferences } from '@/preferences'
import { typed, type Quantity } from './sheet'

/** A number of a sheet in its column: the preferred unit, the other one beneath. */
const props = defineProps<{ value: number; quantity: Quantity; signed?: boolean }>()

const preferences = usePreferences()
const sign = computed(() => (props.signed ? (props.value < 0 ? '−' : '+') : ''))
const size = computed(() => (props.signed ? Math.abs(props.value) : props.value))
const other = computed(() =>
  props.quantity === 'LENGTH' && props.value !== 0
    ? typed(size.value, props.quantity, preferences.unit === 'mm' ? 'inch' : 'mm')
    : '',
)
</script>

<template>
  <span class="both">
    {{ sign }}{{ typed(size, quantity, preferences.unit) }}
    <span v-if="other" class="hint">{{ sign }}{{ other }}</span>
  </span>
</template>

<style scoped>
.both,
.hint {
  display: block;
  white-space: nowrap;
}

.hint {
  font-weight: 400;
}
</style>
