<script setup lang="ts">
import { computed } from 'vue'
import NameField from '@/catalogue/NameField.vue'
import FoldOut from '@/ui/FoldOut.vue'
import TextField from '@/ui/TextField.vue'
import { useWords } from '@/words/words'
import type { PlanForm } from './planForm'
import { useFold } from './useFold'

/** On which it is fitted, where, and what it is: by name, and in words. Folded away while it is as usual. */
const props = defineProps<{ wrong: Record<string, string>; isOpen: boolean }>()
const form = defineModel<PlanForm>({ required: true })
const words = useWords()
const open = useFold(props, /^(carriedBy|carrierDetail|antennaName|baseName|antennaDetail)$/)

const title = computed(() =>
  words.value.text('planForm.WHERE', {
    noted:
      [
        form.value.carriedBy,
        form.value.baseName,
        form.value.antennaName,
        form.value.carrierDetail,
        form.value.antennaDetail,
      ]
        .filter(Boolean)
        .join('; ') || words.value.text('planForm.NOTHING_NOTED'),
  }),
)
/** What the shop knows of a vehicle is where one begins; what was written stays. */
function describe(field: 'carrierDetail' | 'antennaDetail', detail: string) {
  if (!form.value[field].trim()) form.value[field] = detail
}
</script>

<template>
  <FoldOut v-model:open="open" class="card" :title="title">
    <div class="names">
      <NameField
        v-model="form.carriedBy"
        sort="CARRIED_BY"
        :customer="form.customer"
        :name="words.text('planForm.CARRIED_BY')"
        :hint="words.text('planForm.CARRIED_BY_HINT')"
        :wrong="wrong.carriedBy"
        @detail="(d) => describe('carrierDetail', d)"
      />
      <NameField
        v-model="form.antennaName"
        sort="ANTENNA"
        :name="words.text('planForm.ANTENNA_NAME')"
        :hint="words.text('planForm.ANTENNA_NAME_HINT')"
        :wrong="wrong.antennaName"
        @detail="(d) => describe('antennaDetail', d)"
      />
      <NameField
        v-model="form.baseName"
        sort="BASE"
        :name="words.text('planForm.BASE_NAME')"
        :wrong="wrong.baseName"
      />
    </div>
    <TextField
      v-model="form.carrierDetail"
      :name="words.text('planForm.CARRIER_DETAIL')"
      type="textarea"
      :hint="words.text('planForm.CARRIER_DETAIL_HINT')"
      :wrong="wrong.carrierDetail"
    />
    <TextField
      v-model="form.antennaDetail"
      :name="words.text('planForm.ANTENNA_DETAIL')"
      :hint="words.text('planForm.ANTENNA_DETAIL_HINT')"
      :wrong="wrong.antennaDetail"
    />
  </FoldOut>
</template>

<style scoped>
.names {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 12px 14px;
  align-items: start;
}
</style>
