<script setup lang="ts">
import { useWords } from '@/words/words'
import TextField from '@/ui/TextField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { Problem } from '@/api/client'
import { useSavedPlans } from '@/api/plans'
import InstallationPick from '@/board/InstallationPick.vue'
import { usePreferences } from '@/preferences'
import { useCameFrom } from '@/shell/cameFrom'
import {
  isSomethingAside,
  putAside,
  replaceTyped,
  swapAside,
  forgetPlan,
  rememberedPlan,
  rememberPlan,
  restoreDrafts,
} from './drafts'
import { collectParts, restoreParts, type PlanParts } from './saved'

const words = useWords()

/** Saves the plan of the three pages for the shop, and opens what was saved. */
const { plans, open, save: saveIt, remove, putBack: putBackIt } = useSavedPlans()
const preferences = usePreferences()
const saved = ref(rememberedPlan())
const isOpen = ref(saved.value?.isText ?? false)
const name = ref(saved.value?.name ?? '')
const said = ref(
  saved.value?.isText ? words.value.text('planPage.SAVED_BEFORE', { name: saved.value.name }) : '',
)
const removed = ref<{ id: string; name: string }>()
const others = computed(() => plans.data.value ?? [])
const belongsTo = ref(saved.value?.installationId ?? useCameFrom().value)
const hasAside = isSomethingAside()
const route = useRoute()

async function tell(action: () => Promise<string>) {
  said.value = ''
  try {
    said.value = await action()
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    said.value = error.status === 409 ? words.value.text('planPage.COLLEAGUE_CHANGED') : error.message
  }
}

const save = () =>
  tell(async () => {
    const { parts, wrong } = collectParts(preferences.unit)
    if (!parts) return words.value.text('planPage.NOT_SAVED', { why: wrong })
    const same = saved.value && saved.value.name === name.value.trim() ? saved.value : undefined
    const plan = await saveIt.mutateAsync({
      plan: same,
      name: name.value,
      parts,
      installationId: belongsTo.value || undefined,
    })
    saved.value = rememberPlan(plan)
    return words.value.text('planPage.SAVED', { name: plan.name })
  })

const take = (id: string) =>
  tell(async () => {
    const plan = await open(id)
    putAside()
    replaceTyped()
    if (plan.body === undefined) restoreParts(plan as PlanParts, preferences.unit)
    else restoreDrafts(plan.body)
    rememberPlan(plan)
    // The pages read their drafts when they are opened.
    location.assign('/plan')
    return ''
  })

/** What stood here before a plan was opened, or was filled in for an installation. */
function back() {
  replaceTyped()
  swapAside()
  forgetPlan()
  location.assign('/plan')
}

/** A link from an installation names the plan to open. */
watch(
  () => route.query.open,
  (wanted) => {
    if (typeof wanted === 'string') void take(wanted)
  },
  { immediate: true },
)

const drop = (id: string) =>
  tell(async () => {
    const { name: was } = others.value.find((p) => p.id === id) ?? { name: '' }
    await remove.mutateAsync(id)
    removed.value = { id, name: was }
    if (saved.value?.id === id) {
      forgetPlan()
      saved.value = undefined
    }
    return words.value.text('planPage.REMOVED', { name: was })
  })

const putBack = () =>
  tell(async () => {
    if (!removed.value) return ''
    const { id, name: was } = removed.value
    await putBackIt.mutateAsync(id)
    removed.value = undefined
    return words.value.text('planPage.IS_BACK', { name: was })
  })
</script>

<template>
  <div class="shelf">
    <ActionButton :aria-expanded="isOpen" @click="isOpen = !isOpen">
      {{ saved ? saved.name : words.text('planPage.SAVED_PLANS') }}
    </ActionButton>
    <div v-if="isOpen" class="card drawer">
      <form @submit.prevent="save">
        <TextField
          v-model="name"
          bare
          :name="words.text('planPage.NAME')"
          :placeholder="words.text('planPage.NAME')"
          :maxlength="160"
        />
        <ActionButton submits :disabled="!name.trim()">{{ words.text('planPage.SAVE') }}</ActionButton>
        <InstallationPick
          v-model="belongsTo"
          class="belongs"
          :label="words.text('planPage.PLAN_FOR')"
          :placeholder="words.text('planPage.FOR_NONE')"
        />
      </form>
      <p class="hint" role="status">
        {{ said }}
        <ActionButton v-if="removed" quiet @click="putBack">{{
          words.text('planPage.PUT_BACK')
        }}</ActionButton>
      </p>
      <p v-if="hasAside">
        <ActionButton quiet @click="back">{{ words.text('planPage.BACK') }}</ActionButton>
      </p>
      <ul v-if="others.length" class="bare">
        <li v-for="p in others" :key="p.id">
          <ActionButton quiet class="name" @click="take(p.id)">{{ p.name }}</ActionButton>
          <span class="soft">{{ p.shopNumber ?? '' }} {{ p.changedBy }}</span>
          <ActionButton
            quiet
            :aria-label="words.text('planPage.REMOVE', { name: p.name })"
            @click="drop(p.id)"
            >{{ words.text('planPage.REMOVE_PLAN') }}</ActionButton
          >
        </li>
      </ul>
      <p v-else class="hint">{{ words.text('planPage.NOTHING_SAVED') }}</p>
    </div>
  </div>
</template>

<style scoped>
.shelf {
  position: relative;
}

.drawer {
  position: absolute;
  right: 0;
  top: calc(100% + 6px);
  z-index: 5;
  width: 400px;
  max-width: 92vw;
  padding: 12px 14px;
  display: grid;
  gap: 8px;
  box-shadow: 0 8px 24px rgb(0 0 0 / 18%);
}

form {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
}

.belongs {
  grid-column: 1 / -1;
}

ul {
  max-height: 300px;
  overflow-y: auto;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 8px;
  align-items: center;
  border-top: 1px solid var(--line);
}

.name {
  text-align: left;
  overflow-wrap: anywhere;
}
</style>
