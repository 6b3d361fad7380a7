<script setup lang="ts">
import { computed, ref } from 'vue'
import { useMe } from '@/api/people'
import ActionButton from '@/ui/ActionButton.vue'
import { useWords } from '@/words/words'
import LessonForm from './LessonForm.vue'
import LessonList from './LessonList.vue'
import type { Lesson, Scope } from './queries'

/** What the shop learnt that holds here, and the place to write down more. */
const props = defineProps<{
  lessons: Lesson[]
  scope: Scope
  /** On which it is learnt; nothing where it is only planned, and nothing is learnt yet. */
  installationId?: string
  /** What was looked for on it and nobody has told the next, in words. */
  found?: string
  /** With none, a place to write is offered all the same. */
  offers?: boolean
}>()
const words = useWords()
const me = useMe()
/** The closest stand first; more of them would push the plan away. */
const FIRST = 3
const isAll = ref(false)
const shown = computed(() => (isAll.value ? props.lessons : props.lessons.slice(0, FIRST)))
const isWriting = ref(false)
const mayWrite = computed(() => props.installationId !== undefined && me.data.value?.role !== 'VIEWER')
const offersFound = computed(() => mayWrite.value && props.found !== undefined)
</script>

<template>
  <section
    v-if="lessons.length || offersFound || (offers && mayWrite)"
    :class="lessons.length || offersFound || isWriting ? 'card stack lessons' : ''"
  >
    <h2 v-if="lessons.length">{{ words.text('lessons.HERE') }}</h2>
    <LessonList v-if="lessons.length" :lessons="shown" />
    <ActionButton v-if="lessons.length > FIRST" quiet class="more" @click="isAll = !isAll">{{
      words.text(isAll ? 'likes.FEWER' : 'likes.ALL', { count: lessons.length })
    }}</ActionButton>
    <LessonForm
      v-if="isWriting"
      :scope="scope"
      :installation-id="installationId"
      :says="offersFound ? `${found}: ` : ''"
      @done="isWriting = false"
    />
    <template v-else-if="mayWrite">
      <p v-if="offersFound">{{ words.text('lessons.FOUND', { found: found ?? '' }) }}</p>
      <ActionButton quiet class="write" @click="isWriting = true">{{
        words.text('lessons.WRITE')
      }}</ActionButton>
    </template>
  </section>
</template>

<style scoped>
.lessons {
  justify-items: start;
}
</style>
