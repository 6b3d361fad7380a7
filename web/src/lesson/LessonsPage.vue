<script setup lang="ts">
import { computed, ref } from 'vue'
import { useMe } from '@/api/people'
import { reads } from '@/ui/reads'
import PageFrame from '@/ui/PageFrame.vue'
import ActionButton from '@/ui/ActionButton.vue'
import TextField from '@/ui/TextField.vue'
import { useWords } from '@/words/words'
import LessonForm from './LessonForm.vue'
import LessonList from './LessonList.vue'
import { useLessons } from './queries'

/** All that the shop learnt; each is told where it holds. */
const words = useWords()
const me = useMe()
const lessons = useLessons()
const isWriting = ref(false)
const search = ref('')
const shown = computed(() =>
  (lessons.data.value ?? []).filter((l) => reads([l.says, l.mount, l.part, l.by].join(' '), search.value)),
)
const mayWrite = computed(() => me.data.value?.role !== 'VIEWER')
</script>

<template>
  <PageFrame>
    <h1>{{ words.text('lessons.TITLE') }}</h1>
    <p class="soft">{{ words.text('lessons.WHY') }}</p>
    <p v-if="lessons.isLoadingError.value" class="wrong" role="alert">
      {{ lessons.error.value?.message }}
    </p>
    <template v-else-if="lessons.data.value">
      <p v-if="lessons.data.value.length === 0">{{ words.text('lessons.NONE') }}</p>
      <template v-else>
        <TextField v-model="search" class="search" :name="words.text('lessons.SEARCH')" :maxlength="100" />
        <p role="status">{{ words.text('lessons.SHOWN', { count: shown.length }) }}</p>
        <section v-if="shown.length" class="card all"><LessonList :lessons="shown" with-scope /></section>
      </template>
      <section v-if="isWriting" class="card all"><LessonForm @done="isWriting = false" /></section>
      <ActionButton v-else-if="mayWrite" class="start" @click="isWriting = true">{{
        words.text('lessons.WRITE')
      }}</ActionButton>
    </template>
  </PageFrame>
</template>

<style scoped>
.search {
  max-width: 520px;
}

.all {
  padding: 14px 18px;
}
</style>
