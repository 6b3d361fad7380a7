<script setup lang="ts">
import { computed, ref } from 'vue'
import ConfirmButton from '@/ui/ConfirmButton.vue'
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'

/** What is another's under another name, though nothing in its letters says so: whoever knows puts them together. */
const props = defineProps<{
  others: { id: string; word: string }[]
  question: (into: string, word: string) => string
}>()
const emit = defineEmits<{ put: [into: string] }>()
const words = useWords()
const other = ref('')
const stays = computed(() => props.others.find((o) => o.id === other.value))
</script>

<template>
  <div v-if="others.length" class="same">
    <PickField
      v-model="other"
      :name="words.text('catalogue.SAME_AS')"
      :options="[
        { value: '', word: words.text('catalogue.NO_OTHER') },
        ...others.map((o) => ({ value: o.id, word: o.word })),
      ]"
    />
    <ConfirmButton
      v-if="stays"
      :question="question(stays.id, stays.word)"
      :yes="words.text('catalogue.MERGE')"
      @confirmed="emit('put', stays.id)"
      >{{ words.text('catalogue.MERGE') }}</ConfirmButton
    >
  </div>
</template>

<style scoped>
.same {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: end;
}
</style>
