<script setup lang="ts">
import PlanShelf from './PlanShelf.vue'
</script>

<template>
  <div class="top">
    <nav class="switch" aria-label="What is planned">
      <RouterLink to="/plan">Antenna</RouterLink>
      <RouterLink to="/plan/ground">Ground plane</RouterLink>
      <RouterLink to="/plan/watts">Watts, reach, people</RouterLink>
      <RouterLink to="/plan/paper">On paper</RouterLink>
    </nav>
    <PlanShelf />
  </div>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  justify-content: space-between;
}

@media print {
  .top {
    display: none;
  }
}
</style>
