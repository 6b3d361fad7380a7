<script setup lang="ts">
import { computed, ref } from 'vue'
import { useBoard } from '@/api/board'
import { useSavedSheets } from '@/api/cutSheets'
import { useKinds } from '@/api/installation'
import { useSavedPlans } from '@/api/plans'
import InstallationPick from '@/board/InstallationPick.vue'
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'
import { likeInstallation, ofPlan, ofSheet, type Beginning } from './begin'

/** What a new installation may begin with: another one, a saved plan, a kept cut sheet. */
const emit = defineEmits<{ begin: [what: () => Promise<Beginning>] }>()

const words = useWords()
const kinds = useKinds()
const others = useBoard(ref(''))
const { plans } = useSavedPlans()
const { sheets } = useSavedSheets()

const options = computed(() => [
  ...(plans.data.value ?? []).map((p) => ({
    value: `plan ${p.id}`,
    word: p.name,
    group: words.value.text('begin.PLANS'),
  })),
  ...(sheets.data.value ?? []).map((s) => ({
    value: `sheet ${s.id}`,
    word: s.name,
    group: words.value.text('begin.SHEETS'),
  })),
])

function choose(chosen: string) {
  const [sort, id = ''] = chosen.split(' ')
  emit('begin', () => (sort === 'plan' ? ofPlan : ofSheet)(id, kinds.data.value ?? [], words.value))
}
</script>

<template>
  <div class="begin">
    <InstallationPick
      v-if="others.cards.value?.length !== 0"
      :label="words.text('begin.LIKE')"
      :placeholder="words.text('begin.LIKE')"
      @update:model-value="$event && emit('begin', () => likeInstallation($event, words))"
    />
    <PickField
      v-if="options.length"
      bare
      :name="words.text('begin.WITH')"
      :placeholder="words.text('begin.WITH')"
      :options="options"
      @update:model-value="choose"
    />
  </div>
</template>

<style scoped>
.begin {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 14px;
}
</style>
