<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { answer, api } from '@/api/client'
import { useMe } from '@/api/people'
import { useRadios } from '@/api/radios'
import SameAs from '@/catalogue/SameAs.vue'
import { useMergeOf } from '@/catalogue/useTwice'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import TextField from '@/ui/TextField.vue'
import { useFormFocus } from '@/ui/useFormFocus'
import { parseDecimal } from '@/units/number'
import { useWords } from '@/words/words'
import type { Radio } from './check'

/** Enters a radio, or changes one. */
const props = defineProps<{ radio?: Radio }>()
const emit = defineEmits<{ saved: [radio: Radio]; left: []; merged: [into: string] }>()
const words = useWords()
const form = ref({
  name: props.radio?.name ?? '',
  rated: String(props.radio?.ratedPowerW ?? 25),
  limit: String(props.radio?.swrCeiling ?? 2),
  note: props.radio?.note ?? '',
})
const { busy, wrong, unplaced, submit } = useForm((field) =>
  field === 'ratedPowerW' ? 'rated' : field === 'swrCeiling' ? 'limit' : field,
)
const me = useMe()
const isLead = computed(() => me.data.value?.role === 'LEAD')
const { radios, renew } = useRadios()
const others = computed(() =>
  (radios.data.value ?? []).filter((r) => r.id !== props.radio?.id).map((r) => ({ id: r.id, word: r.name })),
)
const { trouble, question, merge } = useMergeOf('radios')
async function put(into: string) {
  if (!props.radio || !(await merge(props.radio.id, into))) return
  emit('merged', into)
  await renew()
}
useFormFocus(useTemplateRef<HTMLElement>('sheet'))

async function save() {
  const rated = parseDecimal(form.value.rated)
  const limit = parseDecimal(form.value.limit)
  if (!rated.ok || !limit.ok) {
    wrong.value = {
      ...(rated.ok ? {} : { rated: rated.why }),
      ...(limit.ok ? {} : { limit: limit.why }),
    }
    return
  }
  const body = {
    version: props.radio?.version ?? 0,
    name: form.value.name,
    ratedPowerW: rated.value,
    swrCeiling: limit.value,
    note: form.value.note,
  }
  await submit(async () => {
    const id = props.radio?.id
    emit(
      'saved',
      await answer(
        id
          ? api.PUT('/api/radios/{id}', { params: { path: { id } }, body })
          : api.POST('/api/radios', { body }),
      ),
    )
  })
}
</script>

<template>
  <form ref="sheet" class="card stack" @submit.prevent="save">
    <div class="fields">
      <TextField v-model="form.name" :name="words.text('radios.NAME')" :wrong="wrong.name" />
      <TextField
        v-model="form.rated"
        :name="words.text('radios.RATED')"
        inputmode="decimal"
        :wrong="wrong.rated"
      />
      <TextField
        v-model="form.limit"
        :name="words.text('radios.LIMIT')"
        inputmode="decimal"
        :wrong="wrong.limit"
      />
    </div>
    <TextField v-model="form.note" :name="words.text('radios.NOTE')" :wrong="wrong.note" />
    <SameAs
      v-if="radio && isLead"
      :others="others"
      :question="(_, stays) => question(stays, radio?.name ?? '')"
      @put="put"
    />
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
    <div class="buttons">
      <BigAction class="fit" submits :disabled="busy">{{ words.text('radios.SAVE') }}</BigAction>
      <ActionButton quiet @click="emit('left')">{{ words.text('radios.CANCEL') }}</ActionButton>
    </div>
  </form>
</template>
