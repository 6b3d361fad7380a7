<script setup lang="ts">
import FoldOut from '@/ui/FoldOut.vue'
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { capital, useWords } from '@/words/words'
import { visitOf } from './road'
import { sentence, type Installation, type Pass } from './sentence'
import RecheckSays from './RecheckSays.vue'
import SignedOff from './SignedOff.vue'

/** What to do next in one sentence with one number, and beneath it what it rests on. */
const props = defineProps<{
  installation: Installation
  pass: Pass | undefined
  isBrief: boolean
  /** Nothing was read on this visit yet: what was advised on an earlier one may hold no longer. */
  isToBeFound?: boolean
  /** What this reading showed against the sign-off before. */
  recheck?: Schemas['RecheckView'] | undefined
}>()
const words = useWords()
const visit = computed(() => visitOf(props.installation))
const says = computed(() => (props.pass ? sentence(props.pass, props.installation, words.value) : undefined))
</script>

<template>
  <section class="say" aria-live="polite">
    <template v-if="installation.signOff">
      <SignedOff :sign-off="installation.signOff" />
      <p :class="pass?.verdict.met ? 'soft' : 'trouble'">{{ words.sentences(pass?.verdict.says ?? []) }}</p>
    </template>
    <template v-else-if="isToBeFound">
      <p class="sentence">{{ words.text('next.AS_FOUND') }}</p>
      <p class="soft">{{ words.text('next.AS_FOUND_WHY', { pass: `${pass?.number ?? ''}` }) }}</p>
      <p v-if="visit.why" class="soft">“{{ visit.why }}”</p>
    </template>
    <template v-else-if="recheck && pass">
      <RecheckSays :recheck="recheck" />
      <p :class="['verdict', { trouble: !pass.verdict.met }]">{{ words.sentences(pass.verdict.says) }}</p>
    </template>
    <template v-else-if="pass && says">
      <p class="sentence">
        {{ says.before }}<em v-if="says.amount">{{ says.amount }}</em
        >{{ says.after }}
      </p>
      <p :class="['verdict', { trouble: !pass.verdict.met }]">{{ words.sentences(pass.verdict.says) }}</p>
      <template v-if="!isBrief">
        <p v-if="says.more.length" class="more">{{ says.more.join(' ') }}</p>
        <ul v-if="pass.advice?.causes.length" class="causes">
          <li v-for="c in pass.advice.causes" :key="c.name.id">
            <b>{{ capital(words.phrase(c.name)) }}</b>: {{ words.phrase(c.evidence) }}.
            <span class="soft">{{ words.text('next.TO_TELL', { check: words.phrase(c.test) }) }}</span>
          </li>
        </ul>
        <FoldOut v-if="says.why.length" class="soft more" :title="words.text('next.WHY')">
          {{ says.why.join(' ') }}
        </FoldOut>
      </template>
    </template>
    <template v-else>
      <p class="sentence">{{ words.text('next.BASELINE') }}</p>
      <p class="soft">{{ words.text('next.BASELINE_WHY') }}</p>
    </template>
  </section>
</template>

<style scoped>
.say {
  display: grid;
  gap: 8px;
  align-content: start;
  overflow-wrap: anywhere;
}

.verdict {
  font-weight: 560;
  line-height: 1.35;
}

.more {
  font-size: 15px;
  line-height: 1.4;
}
</style>
