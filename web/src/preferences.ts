import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import type { LengthUnit } from '@/units/length'

export type Look = 'paper' | 'sun' | 'night'

const KEY = 'dorada.preferences'

/** What this person likes on this device: length unit and look. Kept in the browser. */
export const usePreferences = defineStore('preferences', () => {
  const saved = JSON.parse(localStorage.getItem(KEY) ?? '{}') as { unit?: LengthUnit; look?: Look }
  const unit = ref<LengthUnit>(saved.unit ?? 'mm')
  const look = ref<Look>(saved.look ?? 'paper')

  watch(
    [unit, look],
    () => {
      localStorage.setItem(KEY, JSON.stringify({ unit: unit.value, look: look.value }))
      document.documentElement.dataset.look = look.value
    },
    { immediate: true },
  )
  return { unit, look }
})
