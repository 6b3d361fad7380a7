<script setup lang="ts">
import { computed, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useInstallation } from '@/api/installation'
import { useWords } from '@/words/words'
import { useCameFrom } from './cameFrom'
import { pagesFor, type Place, type PlacePage } from './places'

/** Where a person is: the pages of the place, or the way back from an installation. */
const props = defineProps<{
  here: { place: Place; page: PlacePage } | undefined
  isViewer: boolean
  /** Who else is on this installation now. */
  others: string[]
}>()
const words = useWords()
const route = useRoute()
const id = computed(() => (typeof route.params.id === 'string' ? route.params.id : ''))
const cameFrom = useCameFrom()
const installation = useInstallation(computed(() => id.value || cameFrom.value))
const pages = computed(() => (props.here ? pagesFor(props.here.place, props.isViewer) : []))

const names = useTemplateRef('names')
/** Where there is no room for all names, the one of this page is among those that are seen. */
watch(
  () => [props.here?.page.id, pages.value.length],
  () =>
    names.value
      ?.querySelector('.router-link-exact-active')
      ?.scrollIntoView?.({ inline: 'nearest', block: 'nearest' }),
  { flush: 'post' },
)
</script>

<template>
  <nav ref="names" class="where" :aria-label="words.text('shell.WHERE')">
    <template v-if="id">
      <RouterLink to="/">{{ words.text('shell.place.JOBS') }}</RouterLink>
      <template v-if="installation.data.value">
        <span class="soft" aria-hidden="true">›</span>
        <RouterLink :to="`/installations/${id}`" class="title">
          {{ installation.data.value.title }}
        </RouterLink>
        <span class="soft">{{ installation.data.value.shopNumber }}</span>
        <span v-if="others.length" class="others" role="status">{{
          words.text('shell.ALSO_HERE', { names: others.join(', '), count: others.length })
        }}</span>
      </template>
    </template>
    <template v-else>
      <RouterLink v-if="cameFrom && installation.data.value" :to="`/installations/${cameFrom}`" class="back">
        <span aria-hidden="true">‹</span> <span class="name">{{ installation.data.value.title }}</span>
      </RouterLink>
      <RouterLink v-for="p in pages" :key="p.id" :to="p.path" class="page">
        {{ words.text(`shell.page.${p.id}`) }}
      </RouterLink>
    </template>
  </nav>
  <component :is="here.place.tools" v-if="!id && here?.place.tools" />
</template>

<style scoped>
.where {
  display: flex;
  align-items: center;
  gap: 2px;
  min-width: 0;
  flex: 1;
  overflow-x: auto;
  white-space: nowrap;
}

/* More names than there is room for fade out, and can be pushed along. */
@media (max-width: 1000px) {
  .where {
    padding-right: 24px;
    scroll-padding-right: 24px;
    mask-image: linear-gradient(to right, #000 calc(100% - 24px), transparent);
  }
}

.where a {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  padding: 0 7px;
  text-decoration: none;
  border-radius: 4px;
}

.page.router-link-exact-active {
  font-weight: 660;
  box-shadow: inset 0 -3px var(--gold);
  border-radius: 0;
}

.back {
  gap: 6px;
  font-weight: 640;
}

.name {
  max-width: 180px;
  overflow: hidden;
  text-overflow: ellipsis;
}

.others {
  margin-left: 10px;
  padding: 2px 10px;
  border: 1px solid var(--line);
  border-radius: 12px;
  font-size: 14px;
}

.title {
  font-weight: 640;
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
