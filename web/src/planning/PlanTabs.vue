<template>
  <nav class="switch" aria-label="What is planned">
    <RouterLink to="/plan">Watts, reach, people</RouterLink>
    <RouterLink to="/plan/ground">Ground plane</RouterLink>
  </nav>
</template>
