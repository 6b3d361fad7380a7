<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useWords } from '@/words/words'
import { useQuery } from '@tanstack/vue-query'
import { computed, toRef } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { keys, useTakeBack } from '@/api/queries'
import { useForm } from '@/shell/useForm'
import { formatTime } from '@/units/time'

const words = useWords()

/** A pass that was taken back can be put back until another is recorded, whoever looks and however often. */
const props = defineProps<{ installationId: string; mayRecord: boolean }>()
const emit = defineEmits<{ correct: [entry: Schemas['EnteredPass'], note: string] }>()
const id = toRef(props, 'installationId')
const takenBack = useQuery({
  queryKey: computed(() => [...keys.passes(id.value), 'taken-back']),
  queryFn: () =>
    answer(api.GET('/api/installations/{id}/taken-back', { params: { path: { id: id.value } } })),
})
const next = computed(() => takenBack.data.value?.find((p) => p.mayBePutBack))
const change = useTakeBack(id)
const { busy, trouble, submit } = useForm()

const putBack = (passId: string) =>
  submit(async () => {
    await change.mutateAsync({ passId, isBack: false })
  })
</script>

<template>
  <p v-if="next" class="caution" role="status">
    {{ words.text('tuning.TAKEN_BACK', { by: next.recordedBy, at: formatTime(next.recordedAt) }) }}
    <ActionButton v-if="mayRecord" quiet :disabled="busy" @click="putBack(next.id)">
      {{ words.text('tuning.PUT_BACK') }}
    </ActionButton>
    <ActionButton v-if="mayRecord" quiet :disabled="busy" @click="emit('correct', next.entry, next.note)">
      {{ words.text('tuning.TYPE_AGAIN') }}
    </ActionButton>
    <span v-if="trouble" class="wrong" role="alert">{{ trouble }}</span>
  </p>
</template>
