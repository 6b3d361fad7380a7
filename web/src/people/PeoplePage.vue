<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import BigAction from '@/ui/BigAction.vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { keys, useMe, usePeople } from '@/api/queries'
import ChoiceField from '@/ui/ChoiceField.vue'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import ArchiveCard from './ArchiveCard.vue'
import PersonRow from './PersonRow.vue'
import { ROLES, type Role } from './roles'

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
  await client.invalidateQueries({ queryKey: keys.people })
}
</script>

<template>
  <div class="page">
    <div class="top">
      <h1>People of the shop</h1>
      <RouterLink class="other" to="/removed">What was removed</RouterLink>
    </div>
    <section class="card">
      <PlainTable>
        <thead>
          <tr>
            <th>Name</th>
            <th>Login</th>
            <th>May</th>
            <th v-if="isLead"><span class="visually-hidden">Changes</span></th>
          </tr>
        </thead>
        <tbody>
          <PersonRow
            v-for="p in people.data.value"
            :key="p.id"
            :person="p"
            :is-lead="isLead"
            @changed="client.invalidateQueries({ queryKey: keys.people })"
          />
        </tbody>
      </PlainTable>
    </section>
    <form v-if="isLead" class="card add" @submit.prevent="add">
      <h2>Add somebody</h2>
      <div class="two">
        <TextField v-model="person.displayName" name="Name" :wrong="wrong.displayName" />
        <TextField v-model="person.login" name="Login" :wrong="wrong.login" />
      </div>
      <TextField
        v-model="person.password"
        name="First password"
        type="password"
        hint="At least 8 characters."
        :wrong="wrong.password"
        autocomplete="new-password"
      />
      <ChoiceField
        v-model="person.role"
        name="May"
        :options="ROLES"
        hint="A viewer reads and exports; a technician also records and signs off; a lead also looks after people and instruments."
      />
      <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
      <BigAction submits :disabled="busy">Add</BigAction>
    </form>
    <p v-else class="soft">Only a lead adds people.</p>
    <ArchiveCard v-if="isLead" />
  </div>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: center;
  justify-content: space-between;
}

.page {
  max-width: 760px;
  margin: 0 auto;
  padding: 28px 22px;
  display: grid;
  gap: 16px;
}

.card {
  padding: 20px;
}

.add,
.two {
  display: grid;
  gap: 14px;
}

.two {
  grid-template-columns: 1fr 1fr;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th {
  text-align: left;
  font-size: 14px;
  font-weight: 560;
  color: var(--soft);
}

td {
  border-top: 1px solid var(--line);
  padding: 10px 0;
}
</style>
