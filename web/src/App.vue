<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { NConfigProvider, darkTheme } from 'naive-ui'
import { computed } from 'vue'
import { useMe } from '@/api/people'
import SignInPage from '@/people/SignInPage.vue'
import { usePreferences } from '@/preferences'
import AppShell from '@/shell/AppShell.vue'
import { naiveOverrides } from '@/theme/naive'
import { useWords } from '@/words/words'
import { naiveWords } from '@/theme/naiveWords'

const preferences = usePreferences()
const me = useMe()
const words = useWords()
const ofTheLibrary = computed(() => naiveWords(preferences.language))
</script>

<template>
  <NConfigProvider
    :theme="preferences.look === 'night' ? darkTheme : null"
    :locale="ofTheLibrary.words"
    :date-locale="ofTheLibrary.dates"
    :theme-overrides="naiveOverrides(preferences.look)"
  >
    <SignInPage v-if="me.data.value === null" />
    <AppShell v-else-if="me.data.value" :me="me.data.value" />
    <p v-else-if="me.error.value" class="waiting trouble">
      {{ me.error.value.message }}
      <ActionButton @click="me.refetch()">{{ words.text('signIn.AGAIN') }}</ActionButton>
    </p>
    <p v-else class="waiting soft">{{ words.text('boardPage.MOMENT') }}</p>
  </NConfigProvider>
</template>

<style scoped>
.waiting {
  padding: 80px 24px;
  text-align: center;
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: center;
}
</style>
