<template>
  <!-- A dip drawn as depth, with the gilt mark at its bottom. -->
  <svg class="fills" viewBox="0 0 320 120" aria-hidden="true">
    <path class="grid" fill="none" d="M0 20H320M0 55H320M0 90H320" />
    <path
      class="drawn in-old"
      stroke-width="1.5"
      opacity="0.7"
      d="M0 26C70 28 84 40 104 66c10 14 14 24 20 24s10-10 20-24c20-26 60-40 176-42"
    />
    <path
      class="drawn"
      stroke-width="3"
      d="M0 22C120 24 150 44 172 78c10 16 14 26 20 26s10-10 20-26C234 44 264 28 320 26"
    />
    <circle class="filled in-gold" cx="192" cy="104" r="6" />
  </svg>
</template>
