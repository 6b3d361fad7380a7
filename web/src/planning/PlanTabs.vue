<template>
  <nav class="switch" aria-label="What is planned">
    <RouterLink to="/plan">Antenna</RouterLink>
    <RouterLink to="/plan/ground">Ground plane</RouterLink>
    <RouterLink to="/plan/watts">Watts, reach, people</RouterLink>
  </nav>
</template>
