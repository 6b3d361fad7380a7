<script setup lang="ts">
import { useFormFocus } from '@/ui/useFormFocus'
import ActionButton from '@/ui/ActionButton.vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, useTemplateRef } from 'vue'
import { BOARD } from '@/api/keys'
import type { Schemas } from '@/api/client'
import { copiesOf, namesOf } from '@/installation/begin'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import { useWords } from '@/words/words'
import type { Installation } from './sentence'

/** The same plan for the others of a fleet: one name on each line. */
const props = defineProps<{ installation: Installation }>()

const words = useWords()
const client = useQueryClient()
useFormFocus(useTemplateRef<HTMLElement>('sheet'))
const isOpen = ref(false)
const names = ref('')
const made = ref<Schemas['InstallationView'][]>([])
const { busy, trouble, submit } = useForm()
const titles = computed(() => namesOf(names.value))

async function copy() {
  await submit(async () => {
    made.value = await copiesOf(props.installation.id, titles.value)
    names.value = ''
    isOpen.value = false
    await client.invalidateQueries({ queryKey: BOARD })
  })
}
</script>

<template>
  <div class="copy stack">
    <ActionButton v-if="!isOpen" @click="isOpen = true">{{ words.text('copyPlan.COPY') }}</ActionButton>
    <form v-else ref="sheet" @submit.prevent="copy">
      <TextField
        v-model="names"
        type="textarea"
        :name="words.text('copyPlan.NAMES')"
        :hint="words.text('copyPlan.HINT')"
      />
      <div class="buttons">
        <ActionButton submits :disabled="busy || titles.length === 0">
          {{ words.text('copyPlan.MAKE', { count: titles.length }) }}
        </ActionButton>
        <ActionButton quiet @click="isOpen = false">{{ words.text('copyPlan.LEAVE') }}</ActionButton>
      </div>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    </form>
    <p v-if="made.length" role="status">
      {{ words.text('copyPlan.MADE') }}
      <template v-for="(m, i) in made" :key="m.id"
        >{{ i ? ', ' : '' }}<RouterLink :to="`/installations/${m.id}`">{{ m.title }}</RouterLink></template
      >.
    </p>
  </div>
</template>

<style scoped>
.copy {
  margin-top: 12px;
  justify-items: start;
}

form {
  width: 100%;
}
</style>
