<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { useKinds } from '@/api/installation'
import { useMe } from '@/api/people'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import { notify } from '@/ui/notices'
import { formatTime } from '@/units/time'
import { useWords } from '@/words/words'
import LessonForm from './LessonForm.vue'
import { useRenewLessons, type Lesson } from './queries'

/** Lessons with who learnt each when; whoever may write changes and removes them in their places. */
defineProps<{ lessons: Lesson[]; withScope?: boolean }>()
const words = useWords()
const me = useMe()
const kinds = useKinds()
const renew = useRenewLessons()
const { busy, trouble, submit } = useForm()
const edited = ref<string>()
const mayWrite = computed(() => me.data.value?.role !== 'VIEWER')

function scope(l: Lesson) {
  const kind = kinds.data.value?.find((k) => k.kind === l.kind)
  return [
    kind && words.value.phrase(kind.words),
    l.carrier && words.value.text(`carrier.${l.carrier}`),
    l.mount,
    l.part,
  ]
    .filter(Boolean)
    .join(', ')
}

const remove = (l: Lesson) =>
  submit(async () => {
    await answer(api.DELETE('/api/lessons/{id}', { params: { path: { id: l.id } } }))
    await renew()
    notify(words.value.text('lessons.REMOVED'))
  })
</script>

<template>
  <ul class="lessons">
    <li v-for="l in lessons" :key="l.id">
      <LessonForm v-if="edited === l.id" :lesson="l" @done="edited = undefined" />
      <template v-else>
        <p class="says">{{ l.says }}</p>
        <p class="soft">
          <template v-if="withScope">{{ words.text('lessons.OF', { scope: scope(l) }) }} </template>
          {{ words.text('lessons.BY', { who: l.by, when: formatTime(l.at) }) }}
          <RouterLink v-if="l.installationId" class="where" :to="`/installations/${l.installationId}`">{{
            words.text('lessons.WHERE')
          }}</RouterLink>
        </p>
        <div v-if="mayWrite" class="buttons">
          <ActionButton quiet @click="edited = l.id">{{ words.text('lessons.CHANGE') }}</ActionButton>
          <ActionButton quiet :disabled="busy" @click="remove(l)">{{
            words.text('lessons.REMOVE')
          }}</ActionButton>
        </div>
      </template>
    </li>
  </ul>
  <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
</template>

<style scoped>
.lessons {
  list-style: none;
  width: 100%;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 10px;
}

li {
  display: grid;
  grid-template-columns: 1fr auto;
  column-gap: 16px;
  padding-left: 12px;
  border-left: 4px solid var(--gold, #d9a02c);
  overflow-wrap: anywhere;
}

li > :deep(form) {
  grid-column: 1 / -1;
}

.says {
  font-weight: 600;
}

.buttons {
  grid-column: 2;
  grid-row: 1 / span 2;
  display: flex;
  align-items: center;
}

@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr;
  }

  .buttons {
    grid-column: 1;
    grid-row: auto;
  }
}
</style>
