<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { useInstallationChange } from '@/api/queries'
import TextField from '@/shell/TextField.vue'
import { useForm } from '@/shell/useForm'
import { parseDecimal } from '@/units/number'
import { watts, type Installation, type Pass } from './sentence'

/** Closes the installation on its newest pass; where the rule is not met a reason is asked for. */
const props = defineProps<{ installation: Installation; pass: Pass }>()
const emit = defineEmits<{ signedOff: []; permanent: [] }>()

const DRAFT = `dorada.sign-off-draft.${props.installation.id}`
const typed = ref({
  remark: '',
  reason: '',
  limit: '',
  due: '',
  ...(JSON.parse(localStorage.getItem(DRAFT) ?? '{}') as Partial<
    Record<'remark' | 'reason' | 'limit' | 'due', string>
  >),
})
watch(typed, (t) => localStorage.setItem(DRAFT, JSON.stringify(t)), { deep: true })
const { busy, wrong, unplaced, submit } = useForm()
const signOff = useInstallationChange(() =>
  answer(
    api.POST('/api/installations/{id}/sign-off', {
      params: { path: { id: props.installation.id } },
      body: {
        version: props.installation.version,
        passNumber: props.pass.number,
        remark: typed.value.remark,
        reason: needsReason.value ? typed.value.reason : undefined,
        ...(limitW.value?.ok ? { limitW: limitW.value.value } : {}),
        ...(isJudged.value && typed.value.due ? { due: typed.value.due } : {}),
      },
    }),
  ),
)

const isJudged = computed(() => !props.pass.verdict.met)
const needsReason = computed(() => isJudged.value || !props.pass.finalSweep)
const limitW = computed(() =>
  isJudged.value && typed.value.limit.trim()
    ? parseDecimal(typed.value.limit.replace(/\s*w(atts?)?$/i, ''))
    : undefined,
)
/** Less than a tenth of a dB is nothing that anybody hears. */
const costWords = computed(() => {
  const cost = props.pass.cost
  if (!cost) return ''
  const size = Math.abs(cost.worstDb)
  const isOld = cost.against === 'OLD_ANTENNA'
  if (size < 0.05) return `As good as ${isOld ? 'the old antenna' : 'a perfect match'}, within 0.05 dB.`
  return !isOld
    ? `Its match costs ${size.toFixed(1)} dB on the worst channel.`
    : `${size.toFixed(1)} dB ${cost.worstDb > 0 ? 'worse' : 'better'} than the old antenna by its match, on the worst channel.`
})

async function send() {
  if (limitW.value && !limitW.value.ok) {
    wrong.value = { limitW: limitW.value.why }
    return
  }
  const done = await submit(async () => {
    await signOff.mutateAsync(undefined)
  })
  if (done) {
    localStorage.removeItem(DRAFT)
    emit('signedOff')
  }
}
</script>

<template>
  <form class="card" novalidate @submit.prevent="send">
    <h2>Sign off on pass {{ pass.number }}</h2>
    <template v-if="!pass.finalSweep">
      <p class="caution">Not the final sweep: tightening and sealing move the dip.</p>
      <button class="other" type="button" @click="emit('permanent')">Make it permanent first</button>
    </template>
    <p v-if="costWords" class="hint">{{ costWords }}</p>
    <TextField
      v-if="needsReason"
      v-model="typed.reason"
      :name="isJudged ? 'Why it is good enough' : 'Why there is no final sweep'"
      type="textarea"
      :hint="isJudged ? 'The reason, for whoever reads it next year.' : ''"
      :wrong="wrong.reason"
    />
    <div v-if="isJudged" class="two">
      <TextField
        v-model="typed.limit"
        name="With at most, W"
        :hint="
          pass.transmit.allowed
            ? `This SWR allows ${watts(pass.transmit.powerW)}.`
            : 'Nobody should transmit into this.'
        "
        :wrong="wrong.limitW"
      />
      <label class="field">
        <span class="name">To be mended by</span>
        <input v-model="typed.due" type="date" class="date" />
        <span v-if="wrong.due" class="wrong" role="alert">{{ wrong.due }}</span>
      </label>
    </div>
    <TextField
      v-model="typed.remark"
      name="Final lengths, marks, conditions"
      type="textarea"
      :wrong="wrong.remark"
    />
    <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
    <button class="do" type="submit" :disabled="busy">
      {{ needsReason ? 'Sign off by judgement' : 'Sign off' }}
    </button>
  </form>
</template>

<style scoped>
form {
  padding: 16px;
  display: grid;
  gap: 12px;
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  align-items: start;
}

.date {
  font: inherit;
  color: inherit;
  min-height: 44px;
  padding: 4px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--card);
}
</style>
