<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useWords } from '@/words/words'
import { watch } from 'vue'
import { sentenceOf, useLive, type LiveSettings, type LiveSweep } from '@/instrument/live'

/** The analyser's sweeps as they come, before one of them is recorded. */
const props = defineProps<{ settings: LiveSettings | undefined }>()
const emit = defineEmits<{ sweep: [LiveSweep | undefined] }>()
const words = useWords()
const { running, sweep, trouble, start, change, stop } = useLive()

watch(sweep, (fresh) => emit('sweep', fresh))
watch(
  () => props.settings,
  (settings) => {
    if (running.value && settings) void change(settings)
  },
)

async function startOrStop() {
  if (running.value) {
    await stop()
    emit('sweep', undefined)
  } else if (props.settings) await start(props.settings)
}
</script>

<template>
  <div class="live stack">
    <ActionButton :disabled="!settings" @click="startOrStop">
      {{ words.text(running ? 'tuning.STOP_WATCHING' : 'tuning.WATCH_LIVE') }}
    </ActionButton>
    <span v-if="trouble" class="wrong" role="alert">{{ trouble }}</span>
    <span v-else-if="running" class="hint" role="status">{{
      sweep ? sentenceOf(sweep, words) : words.text('tuning.SWEEPING')
    }}</span>
    <span v-if="running && sweep?.verdict" class="hint">{{ words.sentences(sweep.verdict.says) }}</span>
    <p v-for="w in running ? (sweep?.warnings ?? []) : []" :key="w.id" class="caution">
      {{ words.sentence(w) }}
    </p>
  </div>
</template>
