<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { answer, api } from '@/api/client'
import { useKinds } from '@/api/installation'
import { CARRIERS } from '@/board/words'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import PickField from '@/ui/PickField.vue'
import TextField from '@/ui/TextField.vue'
import { useFormFocus } from '@/ui/useFormFocus'
import { useWords } from '@/words/words'
import { useRenewLessons, type Lesson, type Scope } from './queries'

/** Writes a lesson down, or changes one; of what it holds is filled in and can be made wider. */
const props = defineProps<{
  lesson?: Lesson | undefined
  scope?: Scope | undefined
  says?: string | undefined
  /** On which it was learnt. */
  installationId?: string | undefined
}>()
const emit = defineEmits<{ done: [] }>()

const words = useWords()
const kinds = useKinds()
const renew = useRenewLessons()
const { busy, wrong, unplaced, submit } = useForm()
useFormFocus(useTemplateRef<HTMLElement>('sheet'))

const from = props.lesson ?? props.scope
const form = ref({
  says: props.lesson?.says ?? props.says ?? '',
  kind: from?.kind,
  carrier: from?.carrier,
  mount: from?.mount ?? '',
  part: from?.part ?? '',
})
const requestKey = crypto.randomUUID()

const kindOptions = computed(() =>
  (kinds.data.value ?? []).map((k) => ({ value: k.kind, word: words.value.phrase(k.words) })),
)
const carrierOptions = computed(() =>
  CARRIERS.map((c) => ({ value: c, word: words.value.text(`carrier.${c}`) })),
)

async function save() {
  const { says, mount, part, kind, carrier } = form.value
  const body = {
    requestKey,
    version: props.lesson?.version ?? 0,
    says,
    mount,
    part,
    ...(kind && { kind }),
    ...(carrier && { carrier }),
    ...(props.installationId && { installationId: props.installationId }),
  }
  await submit(async () => {
    const id = props.lesson?.id
    await answer(
      id
        ? api.PUT('/api/lessons/{id}', { params: { path: { id } }, body })
        : api.POST('/api/lessons', { body }),
    )
    await renew()
    emit('done')
  })
}
</script>

<template>
  <form ref="sheet" class="edit" @submit.prevent="save">
    <TextField
      v-model="form.says"
      :name="words.text('lessons.SAYS')"
      :placeholder="words.text('lessons.SAYS_HINT')"
      :maxlength="600"
      :wrong="wrong.says"
    />
    <p class="soft">{{ words.text('lessons.HOLDS_OF') }}</p>
    <div class="fields">
      <PickField
        v-bind="form.kind ? { modelValue: form.kind } : {}"
        clearable
        :name="words.text('book.KIND')"
        :placeholder="words.text('book.ANY')"
        :options="kindOptions"
        @update:model-value="form.kind = $event"
        @cleared="form.kind = undefined"
      />
      <PickField
        v-bind="form.carrier ? { modelValue: form.carrier } : {}"
        clearable
        :name="words.text('book.CARRIER')"
        :placeholder="words.text('book.ANY')"
        :options="carrierOptions"
        @update:model-value="form.carrier = $event"
        @cleared="form.carrier = undefined"
      />
      <TextField
        v-model="form.mount"
        :name="words.text('lessons.MOUNT')"
        :placeholder="words.text('book.ANY')"
        :maxlength="200"
        :wrong="wrong.mount"
      />
      <TextField
        v-model="form.part"
        :name="words.text('lessons.PART')"
        :placeholder="words.text('book.ANY')"
        :maxlength="200"
        :wrong="wrong.part"
      />
    </div>
    <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
    <div class="buttons">
      <ActionButton submits :disabled="busy">{{ words.text('lessons.SAVE') }}</ActionButton>
      <ActionButton quiet @click="emit('done')">{{ words.text('radios.CANCEL') }}</ActionButton>
    </div>
  </form>
</template>

<style scoped>
.edit {
  width: 100%;
  display: grid;
  gap: 8px;
}
</style>
