<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import BigAction from '@/ui/BigAction.vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { people as everybody, useMe, usePeople } from '@/api/people'
import ChoiceField from '@/ui/ChoiceField.vue'
import PageFrame from '@/ui/PageFrame.vue'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import ArchiveCard from './ArchiveCard.vue'
import PersonRow from './PersonRow.vue'
import { useWords } from '@/words/words'
import { roleOptions, type Role } from './roles'

const words = useWords()
const me = useMe()
const isLead = computed(() => me.data.value?.role === 'LEAD')
const client = useQueryClient()
const people = usePeople()
const empty = () => ({ login: '', displayName: '', password: '', role: 'TECHNICIAN' as Role })
const person = ref(empty())
const { busy, wrong, unplaced, submit } = useForm()

async function add() {
  const done = await submit(async () => {
    await answer(api.POST('/api/people', { body: person.value }))
  })
  if (done) person.value = empty()
  await client.invalidateQueries(everybody)
}
</script>

<template>
  <PageFrame width="text">
    <div class="head">
      <h1>{{ words.text('peoplePage.TITLE') }}</h1>
      <RouterLink class="other" to="/removed">{{ words.text('peoplePage.REMOVED') }}</RouterLink>
    </div>
    <section class="card">
      <PlainTable>
        <thead>
          <tr>
            <th>{{ words.text('peoplePage.NAME') }}</th>
            <th>{{ words.text('peoplePage.LOGIN') }}</th>
            <th>{{ words.text('peoplePage.MAY') }}</th>
            <th v-if="isLead">
              <span class="visually-hidden">{{ words.text('peoplePage.CHANGES') }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <PersonRow
            v-for="p in people.data.value"
            :key="p.id"
            :person="p"
            :is-lead="isLead"
            @changed="client.invalidateQueries(everybody)"
          />
        </tbody>
      </PlainTable>
    </section>
    <form v-if="isLead" class="card add" @submit.prevent="add">
      <h2>{{ words.text('peoplePage.ADD_SOMEBODY') }}</h2>
      <div class="two">
        <TextField
          v-model="person.displayName"
          :name="words.text('peoplePage.NAME')"
          :wrong="wrong.displayName"
        />
        <TextField v-model="person.login" :name="words.text('peoplePage.LOGIN')" :wrong="wrong.login" />
      </div>
      <TextField
        v-model="person.password"
        :name="words.text('peoplePage.FIRST_PASSWORD')"
        type="password"
        :hint="words.text('peoplePage.PASSWORD_HINT')"
        :wrong="wrong.password"
        autocomplete="new-password"
      />
      <ChoiceField
        v-model="person.role"
        :name="words.text('peoplePage.MAY')"
        :options="roleOptions(words)"
        :hint="words.text('peoplePage.MAY_HINT')"
      />
      <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
      <BigAction submits :disabled="busy">{{ words.text('peoplePage.ADD') }}</BigAction>
    </form>
    <p v-else class="soft">{{ words.text('peoplePage.ONLY_A_LEAD') }}</p>
    <ArchiveCard v-if="isLead" />
  </PageFrame>
</template>

<style scoped>
.card {
  padding: 20px;
}
</style>
