<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { NSelect } from 'naive-ui'
import { ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import { useWords } from '@/words/words'
import { roleOptions, type Role } from './roles'
import TokenList from './TokenList.vue'

/** One person, and for a lead what can be done about them: another role, a new password, leaving and coming back. */
const props = defineProps<{ person: Schemas['PersonView']; isLead: boolean }>()
const emit = defineEmits<{ changed: [] }>()

const words = useWords()
const { busy, wrong, unplaced, submit } = useForm()
const resetting = ref(false)
const showsTokens = ref(false)
const password = ref('')
const said = ref('')

async function change(role: Role, active: boolean) {
  said.value = ''
  await submit(async () => {
    await answer(
      api.PUT('/api/people/{id}', {
        params: { path: { id: props.person.id } },
        body: { displayName: props.person.displayName, role, active },
      }),
    )
  })
  emit('changed')
}

async function reset() {
  const done = await submit(async () => {
    await answer(
      api.POST('/api/people/{id}/password', {
        params: { path: { id: props.person.id } },
        body: { password: password.value },
      }),
    )
  })
  if (!done) return
  said.value = words.value.text('peoplePage.HAS_NEW_PASSWORD', { name: props.person.displayName })
  password.value = ''
  resetting.value = false
}
</script>

<template>
  <tr :class="{ left: !person.active }">
    <td>{{ person.displayName }}</td>
    <td class="soft">{{ person.login }}</td>
    <td>
      <NSelect
        v-if="isLead && person.active"
        :value="person.role"
        :options="roleOptions(words).map((r) => ({ value: r.value, label: r.word }))"
        :disabled="busy"
        :input-props="{ 'aria-label': words.text('peoplePage.WHAT_MAY', { name: person.displayName }) }"
        @update:value="(role: Role) => change(role, true)"
      />
      <template v-else>{{
        words.text(person.active ? `peoplePage.role.${person.role}` : 'peoplePage.LEFT')
      }}</template>
    </td>
    <td v-if="isLead" class="deeds">
      <ActionButton v-if="person.active" quiet @click="resetting = !resetting">{{
        words.text('peoplePage.NEW_PASSWORD')
      }}</ActionButton>
      <ActionButton v-if="person.active" quiet @click="showsTokens = !showsTokens">{{
        words.text('peoplePage.TOKENS')
      }}</ActionButton>
      <ActionButton quiet :disabled="busy" @click="change(person.role, !person.active)">
        {{ words.text(person.active ? 'peoplePage.HAS_LEFT' : 'peoplePage.IS_BACK') }}
      </ActionButton>
    </td>
  </tr>
  <tr v-if="resetting || showsTokens || said || unplaced">
    <td :colspan="isLead ? 4 : 3">
      <form v-if="resetting" class="reset" @submit.prevent="reset">
        <TextField
          v-model="password"
          :name="words.text('peoplePage.NEW_PASSWORD_FOR', { name: person.displayName })"
          type="password"
          :hint="words.text('peoplePage.TELL_IT')"
          :wrong="wrong.password"
          autocomplete="new-password"
        />
        <ActionButton class="beside" submits :disabled="busy">{{
          words.text('peoplePage.SET_IT')
        }}</ActionButton>
      </form>
      <TokenList v-if="showsTokens" :person="person.id" />
      <p v-if="said" role="status">{{ said }}</p>
      <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
    </td>
  </tr>
</template>

<style scoped>
.left {
  color: var(--soft);
}

.reset {
  display: flex;
  gap: 12px;
  align-items: start;
}

.reset > :first-child {
  flex: 1;
}
</style>
