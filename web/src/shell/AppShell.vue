<script setup lang="ts">
import { useTitle } from '@vueuse/core'
import { NIcon } from 'naive-ui'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import type { Schemas } from '@/api/client'
import { useWords } from '@/words/words'
import FindAnything from './FindAnything.vue'
import PersonMenu from './PersonMenu.vue'
import { pagesFor, placeOf, PLACES } from './places'
import { useTogether } from './together'
import WhereIAm from './WhereIAm.vue'

const props = defineProps<{ me: Schemas['PersonView'] }>()

const words = useWords()
const route = useRoute()
/** Nothing while the first route is being found. */
const title = computed(() =>
  typeof route.meta.page === 'string' ? words.value.text(`shell.page.${route.meta.page}`) : '',
)
useTitle(computed(() => [title.value, 'Dorada'].filter(Boolean).join(' · ')))
const here = computed(() => placeOf(route.path))
const others = useTogether(computed(() => /^\/installations\/([0-9a-f-]{36})/.exec(route.path)?.[1] ?? ''))
const isViewer = computed(() => props.me.role === 'VIEWER')
</script>

<template>
  <div class="house">
    <nav class="rail" :aria-label="words.text('shell.PLACES')">
      <RouterLink to="/" class="name" :aria-label="words.text('shell.TO_THE_BOARD')"
        >dor<i>a</i>da</RouterLink
      >
      <RouterLink
        v-for="place in PLACES"
        :key="place.id"
        :to="pagesFor(place, isViewer)[0]?.path ?? '/'"
        class="place"
        :class="{ here: here?.place.id === place.id }"
        :aria-current="here?.place.id === place.id ? 'true' : undefined"
      >
        <NIcon :component="place.icon" :size="26" aria-hidden="true" />
        {{ words.text(`shell.place.${place.id}`) }}
      </RouterLink>
    </nav>
    <header class="top">
      <WhereIAm :here="here" :is-viewer="isViewer" :others="others" />
      <FindAnything />
      <PersonMenu :me="me" />
    </header>
    <main>
      <h1 v-if="!route.meta.hasHeading" class="visually-hidden">{{ title }}</h1>
      <RouterView />
    </main>
  </div>
</template>

<style scoped>
.house {
  display: grid;
  grid-template: auto 1fr / var(--rail) minmax(0, 1fr);
  min-height: 100vh;
}

.rail {
  grid-row: 1 / 3;
  position: sticky;
  top: 0;
  height: 100vh;
  background: var(--harbour);
  color: var(--on-harbour);
  display: flex;
  flex-direction: column;
  gap: 4px;
  padding: 12px 6px;
  overflow-y: auto;
}

.name {
  text-align: center;
  font-size: 16px;
  font-weight: 680;
  letter-spacing: 0.05em;
  text-decoration: none;
  min-height: 44px;
  padding: 6px 0 10px;
}

.name i {
  color: #d9a02c;
  font-style: normal;
}

.place {
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 3px;
  min-height: 60px;
  padding: 6px 2px;
  border-radius: 6px;
  font-size: 14px;
  text-decoration: none;
}

.place.here {
  background: rgb(255 255 255 / 0.16);
  box-shadow: inset 3px 0 #d9a02c;
  font-weight: 640;
}

.top {
  display: flex;
  align-items: center;
  gap: 8px 16px;
  min-height: 56px;
  padding: 4px 22px;
  border-bottom: 1px solid var(--line);
  background: var(--card);
}

@media (max-width: 1000px) {
  .top {
    padding: 4px 12px;
    gap: 8px;
  }
}

@media print {
  .house {
    display: block;
  }

  .rail,
  .top {
    display: none;
  }
}
</style>
