<script setup lang="ts">
/**
 * More of it, folded away under its title. The platform's own: the library's has neither a role nor a key to open it by.
 */
defineProps<{ title: string }>()
const open = defineModel<boolean>('open', { default: false })
</script>

<template>
  <details class="fold" :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>{{ title }}</summary>
    <div class="inside"><slot /></div>
  </details>
</template>

<style scoped>
.fold.card {
  padding: 0 18px;
}

summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  gap: 8px;
  cursor: pointer;
  font-weight: 560;
}

summary::before {
  content: '';
  width: 7px;
  height: 7px;
  border: solid currentColor;
  border-width: 0 2px 2px 0;
  transform: rotate(-45deg);
  margin-left: 2px;
}

.inside {
  display: grid;
  gap: 12px;
  padding-bottom: 10px;
}

.fold[open] > summary::before {
  transform: rotate(45deg);
}
</style>
