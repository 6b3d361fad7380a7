<script setup lang="ts">
import FoldOut from '@/ui/FoldOut.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { useWords } from '@/words/words'
import { ref } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import TextField from '@/ui/TextField.vue'
import { formatMetres } from '@/units/length'
import { parseDecimal } from '@/units/number'

/** Length and loss of a line from a sweep with its far end open or shorted. */
const props = defineProps<{ trace: Schemas['TraceData'] }>()
const emit = defineEmits<{ found: [lengthM: number] }>()
const words = useWords()
const factor = ref('0.66')
const found = ref<Schemas['LineMeasureView']>()
const trouble = ref('')

async function measure() {
  trouble.value = ''
  found.value = undefined
  const vf = parseDecimal(factor.value)
  if (!vf.ok) {
    trouble.value = vf.why
    return
  }
  try {
    found.value = await answer(
      api.POST('/api/lines/measure', { body: { trace: props.trace, velocityFactor: vf.value } }),
    )
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    trouble.value = error.message
  }
}
</script>

<template>
  <FoldOut class="card block" :title="words.text('deskPage.HOW_LONG')">
    <p class="hint">{{ words.text('deskPage.HOW_LONG_HOW') }}</p>
    <div class="two">
      <TextField v-model="factor" :name="words.text('deskPage.FACTOR')" />
      <ActionButton @click="measure">{{ words.text('deskPage.WORK_OUT') }}</ActionButton>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <template v-if="found">
      <p role="status">
        <b>{{ formatMetres(found.lengthM) }}</b> ± {{ found.lengthDoubtM.toFixed(3) }} m,
        {{
          words.text('deskPage.LINE_FOUND', {
            end: words.phrase(found.end),
            loss: found.lossDbAtMiddle.toFixed(2),
            repeats: formatMetres(found.repeatsM),
          })
        }}
      </p>
      <ActionButton quiet @click="emit('found', found.lengthM)">{{
        words.text('deskPage.USE_LENGTH')
      }}</ActionButton>
    </template>
  </FoldOut>
</template>

<style scoped>
.two {
  align-items: end;
}
</style>
