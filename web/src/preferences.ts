import { defineStore } from 'pinia'
import * as v from 'valibot'
import { ref, watch } from 'vue'
import { keep, readKept } from '@/kept'
import type { LengthUnit } from '@/units/length'
import { isLanguage, loadLanguage, type Language } from '@/words/catalogues'

export const LOOKS = ['paper', 'sun', 'night'] as const
export type Look = (typeof LOOKS)[number]

const KEY = 'dorada.preferences'

const KEPT = v.object({
  unit: v.fallback(v.picklist(['mm', 'inch']), 'mm'),
  language: v.fallback(
    v.custom<Language>((text) => typeof text === 'string' && isLanguage(text)),
    'en',
  ),
  look: v.fallback(v.picklist(LOOKS), 'paper'),
  sound: v.fallback(v.boolean(), true),
})

/** What this person likes on this device: length unit, language and look, and whether it sounds. Kept in the browser. */
export const usePreferences = defineStore('preferences', () => {
  const saved: Partial<v.InferOutput<typeof KEPT>> = readKept(KEY, KEPT) ?? {}
  const unit = ref<LengthUnit>(saved.unit ?? 'mm')
  const language = ref<Language>(saved.language ?? 'en')
  const look = ref<Look>(saved.look ?? 'paper')

  /** A tone when a channel is met: hands and eyes are at the antenna. */
  const sound = ref(saved.sound ?? true)

  watch(
    [unit, language, look, sound],
    () => {
      keep(KEY, { unit: unit.value, language: language.value, look: look.value, sound: sound.value })
      document.documentElement.lang = language.value
      void loadLanguage(language.value)
      document.documentElement.dataset.look = look.value
    },
    { immediate: true },
  )
  return { unit, language, look, sound }
})
