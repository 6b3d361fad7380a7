<script setup lang="ts">
import { computed, ref } from 'vue'
import { usePreferences } from '@/preferences'
import SegmentField from '@/ui/SegmentField.vue'
import { useWords } from '@/words/words'
import { folderAddress, handOverAddress, usualPaper } from './handOver'

/** The sheet that goes with the antenna: the customer's copy, and the shop's with the way there. */
const props = defineProps<{ installationId: string; customer: string; isSignedOff: boolean }>()
const preferences = usePreferences()
const words = useWords()
const formats = [
  { value: 'A4' as const, word: 'A4' },
  { value: 'LETTER' as const, word: 'Letter' },
]
const format = ref(usualPaper(preferences.unit))
const language = ref(preferences.language)
const languages = [
  { value: 'en' as const, word: 'English' },
  { value: 'es' as const, word: 'Español' },
]
const how = computed(() => ({ language: language.value, unit: preferences.unit, format: format.value }))
const address = (isForShop: boolean) => handOverAddress(props.installationId, { ...how.value, isForShop })
</script>

<template>
  <section class="card stack">
    <h2>{{ words.text('handOver.HEAD') }}</h2>
    <template v-if="isSignedOff">
      <p class="soft">{{ words.text('handOver.WHY') }}</p>
      <div class="buttons">
        <SegmentField v-model="format" :name="words.text('handOver.PAPER')" :options="formats" />
        <SegmentField v-model="language" :name="words.text('handOver.LANGUAGE')" :options="languages" />
      </div>
      <div class="buttons">
        <a class="other" target="_blank" :href="address(false)">{{ words.text('handOver.CUSTOMER') }}</a>
        <a class="other" target="_blank" :href="address(true)">{{ words.text('handOver.SHOP') }}</a>
        <a v-if="customer" class="other" target="_blank" :href="folderAddress(customer, how)">{{
          words.text('handOver.FOLDER', { customer })
        }}</a>
      </div>
    </template>
    <p v-else class="soft">{{ words.text('handOver.NOT_YET') }}</p>
  </section>
</template>
