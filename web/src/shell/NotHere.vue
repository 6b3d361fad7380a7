<template>
  <section class="not-here">
    <h1>There is nothing at this address.</h1>
    <p class="soft">The link may be old, or a letter is missing.</p>
    <RouterLink class="other" to="/">Go to the board</RouterLink>
  </section>
</template>

<style scoped>
.not-here {
  padding: 80px 24px;
  display: grid;
  gap: 12px;
  justify-items: start;
  max-width: 560px;
  margin: 0 auto;
}
</style>
