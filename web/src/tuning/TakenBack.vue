<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useWords } from '@/words/words'
import { computed, toRef } from 'vue'
import type { Schemas } from '@/api/client'
import { useTakeBack, useTakenBack } from '@/api/passes'
import { useForm } from '@/shell/useForm'
import { formatTime } from '@/units/time'

const words = useWords()

/** A pass that was taken back can be put back until another is recorded, whoever looks and however often. */
const props = defineProps<{ installationId: string; mayRecord: boolean }>()
const emit = defineEmits<{ correct: [entry: Schemas['EnteredPass'], note: string] }>()
const id = toRef(props, 'installationId')
const takenBack = useTakenBack(id)
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
