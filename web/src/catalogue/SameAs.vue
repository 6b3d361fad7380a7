<script setup lang="ts">
import { computed, ref } from 'vue'
import ConfirmButton from '@/ui/ConfirmButton.vue'
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'
import { useNames, type Name } from './queries'
import { useMerge } from './useMerge'

/** A name that is another's for the same thing, though nothing in its letters says so: whoever knows puts them together. */
const props = defineProps<{ entry: Name }>()
const emit = defineEmits<{ done: [] }>()
const words = useWords()
const names = useNames()
const { trouble, merge } = useMerge()
const other = ref('')
const others = computed(() =>
  (names.data.value ?? []).filter((n) => n.sort === props.entry.sort && n.id !== props.entry.id),
)
const stays = computed(() => others.value.find((n) => n.id === other.value))
const called = (n: Name) => [n.name, n.customer].filter(Boolean).join(', ')

async function put(into: Name) {
  if (await merge(props.entry, into)) emit('done')
}
</script>

<template>
  <div v-if="others.length" class="same">
    <PickField
      v-model="other"
      :name="words.text('catalogue.SAME_AS')"
      :options="[
        { value: '', word: words.text('catalogue.NO_OTHER') },
        ...others.map((n) => ({ value: n.id, word: called(n) })),
      ]"
    />
    <ConfirmButton
      v-if="stays"
      :question="
        words.text('catalogue.MERGE_REALLY', {
          name: stays.name,
          other: entry.name,
          count: entry.usedCount,
        })
      "
      :yes="words.text('catalogue.MERGE')"
      @confirmed="put(stays)"
      >{{ words.text('catalogue.MERGE') }}</ConfirmButton
    >
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
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
