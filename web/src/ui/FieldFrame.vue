<script setup lang="ts">
/** A field's label above it, its hint and what is wrong with it below. Where the label stands elsewhere on the page, it is only spoken. */
defineProps<{ id: string; name: string; bare?: boolean; hint?: string; wrong?: string }>()
</script>

<template>
  <div class="field">
    <label :id="`${id}-name`" :for="id" :class="{ 'visually-hidden': bare }">{{ name }}</label>
    <slot />
    <p v-if="wrong" :id="`${id}-more`" class="wrong" role="alert">{{ wrong }}</p>
    <p v-else-if="hint" :id="`${id}-more`" class="hint">{{ hint }}</p>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 4px;
  min-width: 0;
  position: relative;
}

/* Level with those beside it, however many lines their labels have. */
:is(.fields, .bar) > .field {
  display: grid;
  grid-row: span 3;
  grid-template-rows: subgrid;
  padding-bottom: 6px;
}

:is(.fields, .bar) > .field > label {
  align-self: end;
}

:slotted(*) {
  grid-row: 2;
}

label {
  font-size: 14px;
  font-weight: 560;
  color: var(--soft);
}
</style>
