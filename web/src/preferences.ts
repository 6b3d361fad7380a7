import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import type { LengthUnit } from '@/units/length'

export type Look = 'paper' | 'sun' | 'night'

const KEY = 'dorada.preferences'

/** What this person likes on this device: length unit and look, and whether it sounds. Kept in the browser. */
export const usePreferences = defineStore('preferences', () => {
  const saved = JSON.parse(localStorage.getItem(KEY) ?? '{}') as {
    unit?: LengthUnit
    look?: Look
    sound?: boolean
  }
  const unit = ref<LengthUnit>(saved.unit ?? 'mm')
  const look = ref<Look>(saved.look ?? 'paper')

  /** A tone when a channel is met: hands and eyes are at the antenna. */
  const sound = ref(saved.sound ?? true)

  watch(
    [unit, look, sound],
    () => {
      localStorage.setItem(KEY, JSON.stringify({ unit: unit.value, look: look.value, sound: sound.value }))
      document.documentElement.dataset.look = look.value
    },
    { immediate: true },
  )
  return { unit, look, sound }
})
