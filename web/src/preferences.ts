import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import type { LengthUnit } from '@/units/length'
import type { Language } from '@/words/words'

export type Look = 'paper' | 'sun' | 'night'

const KEY = 'dorada.preferences'

/** What this person likes on this device: length unit, language and look, and whether it sounds. Kept in the browser. */
export const usePreferences = defineStore('preferences', () => {
  const saved = JSON.parse(localStorage.getItem(KEY) ?? '{}') as {
    unit?: LengthUnit
    language?: Language
    look?: Look
    sound?: boolean
  }
  const unit = ref<LengthUnit>(saved.unit ?? 'mm')
  const language = ref<Language>(saved.language ?? 'en')
  const look = ref<Look>(saved.look ?? 'paper')

  /** A tone when a channel is met: hands and eyes are at the antenna. */
  const sound = ref(saved.sound ?? true)

  watch(
    [unit, language, look, sound],
    () => {
      localStorage.setItem(
        KEY,
        JSON.stringify({
          unit: unit.value,
          language: language.value,
          look: look.value,
          sound: sound.value,
        }),
      )
      document.documentElement.lang = language.value
      document.documentElement.dataset.look = look.value
    },
    { immediate: true },
  )
  return { unit, language, look, sound }
})
