<script setup lang="ts">
import { useFormFocus } from '@/ui/useFormFocus'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import CheckField from '@/ui/CheckField.vue'
import { keep, like, listLike, useKept } from '@/kept'
import { usePreferences } from '@/preferences'
import { useTypedLengths } from '@/units/typed'
import { useWords } from '@/words/words'
import { defineAsyncComponent, computed, ref, useTemplateRef } from 'vue'
import { answer, api } from '@/api/client'
import { useInstallationChange } from '@/api/installation'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import { parseDecimal } from '@/units/number'
import PartRows from './PartRows.vue'
import { freshPart, partsOf, readParts, type PartDraft } from './parts'
import { visitOf } from './road'
import type { Installation, Pass } from './sentence'

const words = useWords()
useFormFocus(useTemplateRef<HTMLElement>('sheet'))

/** Closes the installation on its newest pass; where the rule is not met a reason is asked for. */
/** The library's calendar is large: it comes with the form that asks for a day. */
const DateField = defineAsyncComponent(() => import('@/ui/DateField.vue'))

const props = defineProps<{
  installation: Installation
  pass: Pass
  /** Everything was tightened and swept for the last time, or nothing was touched. */
  isProven: boolean
  /** Called and not emitted: once it is signed off this form is no longer there to emit anything. */
  onSignedOff: () => void
}>()
const emit = defineEmits<{ permanent: [] }>()

const DRAFT = `dorada.sign-off-draft.${visitOf(props.installation).id}`
const NOTHING = { remark: '', reason: '', limit: '', due: '', mendedBy: '', returnedBy: '' }
const typed = useKept(DRAFT, like(NOTHING), { ...NOTHING })
const preferences = usePreferences()
const PARTS = `${DRAFT}.parts`
const parts = useKept<PartDraft[]>(
  PARTS,
  listLike(freshPart()),
  partsOf(props.installation, props.pass, preferences.unit, words.value),
)
useTypedLengths(parts)
const { busy, wrong, unplaced, submit } = useForm()
const signOff = useInstallationChange(() =>
  answer(
    api.POST('/api/installations/{id}/sign-off', {
      params: { path: { id: props.installation.id } },
      body: {
        version: props.installation.version,
        passNumber: props.pass.number,
        remark: typed.value.remark,
        parts: readParts(parts.value, preferences.unit).parts,
        reason: needsReason.value || isLimited.value ? typed.value.reason : undefined,
        ...(limitW.value?.ok ? { limitW: limitW.value.value } : {}),
        ...(isLimited.value && typed.value.due ? { due: typed.value.due } : {}),
        ...(isLimited.value ? { mendedBy: typed.value.mendedBy } : {}),
        ...(isAircraft.value ? { returnedBy: typed.value.returnedBy } : {}),
      },
    }),
  ),
)

const isJudged = computed(() => !props.pass.verdict.met)
const needsReason = computed(() => isJudged.value || !props.isProven)
const isAircraft = computed(() => props.installation.carrier === 'AIRCRAFT')
/** A limit has a reason, whether or not the rule is met. */
const isLimited = computed(() => isJudged.value || isFolded.value)
const isFolded = ref(typed.value.limit !== '' || typed.value.due !== '' || typed.value.mendedBy !== '')
const limitW = computed(() =>
  isLimited.value && typed.value.limit.trim()
    ? parseDecimal(typed.value.limit.replace(/\s*w(atts?)?$/i, ''))
    : undefined,
)
/** Less than a tenth of a dB is nothing that anybody hears. */
const costWords = computed(() => {
  const cost = props.pass.cost
  if (!cost) return ''
  const size = Math.abs(cost.worstDb)
  const isOld = cost.against === 'OLD_ANTENNA'
  if (size < 0.05) return words.value.text(isOld ? 'tuning.AS_GOOD_AS_OLD' : 'tuning.AS_GOOD_AS_MATCHED')
  const said = !isOld ? 'MATCH_COSTS' : cost.worstDb > 0 ? 'WORSE_THAN_OLD' : 'BETTER_THAN_OLD'
  return words.value.text(`tuning.${said}`, { db: size.toFixed(1) })
})

async function send() {
  if (limitW.value && !limitW.value.ok) {
    wrong.value = { limitW: limitW.value.why }
    return
  }
  const { wrong: wrongParts } = readParts(parts.value, preferences.unit)
  if (Object.keys(wrongParts).length) {
    wrong.value = wrongParts
    return
  }
  const done = await submit(async () => {
    await signOff.mutateAsync(undefined)
  })
  if (done) {
    keep(DRAFT, undefined)
    keep(PARTS, undefined)
    props.onSignedOff()
  }
}
</script>

<template>
  <form ref="sheet" class="card" novalidate @submit.prevent="send">
    <h2>{{ words.text('tuning.SIGN_OFF_ON', { pass: `${pass.number}` }) }}</h2>
    <template v-if="!isProven">
      <p class="caution">{{ words.text('tuning.NOT_FINAL') }}</p>
      <ActionButton @click="emit('permanent')">
        {{ words.text('tuning.PERMANENT_FIRST') }}
      </ActionButton>
    </template>
    <p v-if="costWords" class="hint">{{ costWords }}</p>
    <CheckField v-if="!isJudged" v-model="isFolded">{{ words.text('tuning.WITH_A_LIMIT') }}</CheckField>
    <TextField
      v-if="needsReason || isLimited"
      v-model="typed.reason"
      :name="words.text(isLimited ? 'tuning.WHY_GOOD' : 'tuning.WHY_NO_FINAL')"
      type="textarea"
      :hint="isLimited ? words.text('tuning.WHY_HINT') : ''"
      :wrong="wrong.reason"
    />
    <div v-if="isLimited" class="two">
      <TextField
        v-model="typed.limit"
        :name="words.text('tuning.AT_MOST')"
        :hint="
          pass.transmit.allowed
            ? words.text('tuning.SWR_ALLOWS', { powerW: pass.transmit.powerW })
            : words.text('tuning.NOBODY_TRANSMITS')
        "
        :wrong="wrong.limitW"
      />
      <DateField v-model="typed.due" :name="words.text('tuning.MENDED_BY')" :wrong="wrong.due" />
    </div>
    <TextField
      v-if="isLimited"
      v-model="typed.mendedBy"
      :name="words.text('tuning.WHO_MENDS')"
      :wrong="wrong.mendedBy"
    />
    <TextField
      v-if="isAircraft"
      v-model="typed.returnedBy"
      :name="words.text('tuning.RETURNED_BY')"
      :hint="words.text('tuning.RETURNED_BY_HINT')"
      :wrong="wrong.returnedBy"
    />
    <TextField
      v-model="typed.remark"
      :name="words.text('tuning.REMARK')"
      type="textarea"
      :wrong="wrong.remark"
    />
    <PartRows v-model="parts" :wrong="wrong" />
    <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
    <BigAction submits :disabled="busy">
      {{ words.text(needsReason ? 'tuning.SIGN_OFF_JUDGED' : 'tuning.SIGN_OFF') }}
    </BigAction>
  </form>
</template>
