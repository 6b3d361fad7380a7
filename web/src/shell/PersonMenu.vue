<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { useEventListener } from '@vueuse/core'
import { NAvatar, NPopover } from 'naive-ui'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { api, type Schemas } from '@/api/client'
import { LOOKS, usePreferences } from '@/preferences'
import ActionButton from '@/ui/ActionButton.vue'
import SegmentField from '@/ui/SegmentField.vue'
import { LANGUAGES } from '@/words/catalogues'
import { useWords } from '@/words/words'

/** What a person likes, their own page, and the way out. */
const props = defineProps<{ me: Schemas['PersonView'] }>()

const words = useWords()
const preferences = usePreferences()
const client = useQueryClient()
const open = ref(false)
const button = useTemplateRef('button')
const panel = useTemplateRef('panel')
const initial = computed(() => props.me.displayName.trim().charAt(0).toUpperCase())
const languages = LANGUAGES.map((l) => ({ value: l.language, word: l.name }))
const units = [
  { value: 'mm' as const, word: 'mm' },
  { value: 'inch' as const, word: 'inch' },
]
const looks = computed(() => LOOKS.map((l) => ({ value: l, word: words.value.text(`shell.look.${l}`) })))

/** The focus goes in when it opens, and back to the button when it is closed. */
async function shown(isShown: boolean) {
  open.value = isShown
  await nextTick()
  if (isShown) panel.value?.querySelector<HTMLElement>('a, input, button')?.focus()
}
function close() {
  open.value = false
  button.value?.focus()
}

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (open.value && event.key === 'Escape') close()
})

async function signOut() {
  await api.DELETE('/api/session').catch(() => undefined)
  // Nothing of this person stays on the screen.
  client.clear()
  location.assign('/')
}
</script>

<template>
  <NPopover trigger="click" placement="bottom-end" :show="open" :show-arrow="false" @update:show="shown">
    <template #trigger>
      <button
        ref="button"
        class="person"
        :aria-label="me.displayName"
        aria-haspopup="dialog"
        :aria-expanded="open"
      >
        <NAvatar round :size="38" aria-hidden="true">{{ initial }}</NAvatar>
      </button>
    </template>
    <div ref="panel" class="panel" role="dialog" :aria-label="words.text('shell.PERSON_MENU')">
      <RouterLink to="/me" class="other" @click="close">
        <b>{{ me.displayName }}</b> {{ words.text('shell.MY_PAGE') }}
      </RouterLink>
      <SegmentField v-model="preferences.unit" :name="words.text('shell.LENGTH_UNIT')" :options="units" />
      <SegmentField
        v-model="preferences.language"
        :name="words.text('shell.LANGUAGE')"
        :options="languages"
      />
      <SegmentField v-model="preferences.look" :name="words.text('shell.LOOK')" :options="looks" />
      <ActionButton @click="signOut">{{ words.text('shell.SIGN_OUT') }}</ActionButton>
    </div>
  </NPopover>
</template>

<style scoped>
.person {
  border: 0;
  background: none;
  padding: 3px;
  min-width: 44px;
  min-height: 44px;
  border-radius: 50%;
  display: grid;
  place-items: center;
}

.person :deep(.n-avatar) {
  background: var(--harbour);
  color: var(--on-harbour);
  font-weight: 640;
}

.panel {
  display: grid;
  gap: 12px;
  padding: 6px 2px;
  min-width: 250px;
}
</style>
