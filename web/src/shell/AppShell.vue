<script setup lang="ts">
import { LANGUAGES } from '@/words/words'
import { useQueryClient } from '@tanstack/vue-query'
import { api, type Schemas } from '@/api/client'
import { usePreferences, type Look } from '@/preferences'

defineProps<{ me: Schemas['PersonView'] }>()

const preferences = usePreferences()
const client = useQueryClient()
const LOOKS: { look: Look; word: string }[] = [
  { look: 'paper', word: 'Paper' },
  { look: 'sun', word: 'Sun' },
  { look: 'night', word: 'Night' },
]

async function signOut() {
  await api.DELETE('/api/session').catch(() => undefined)
  // Nothing of this person stays on the screen.
  client.clear()
  location.assign('/')
}
</script>

<template>
  <header class="bar">
    <RouterLink to="/" class="name" aria-label="Dorada, to the board">dor<i>a</i>da</RouterLink>
    <nav aria-label="Main">
      <RouterLink to="/">Board</RouterLink>
      <RouterLink v-if="me.role !== 'VIEWER'" to="/installations/new">New installation</RouterLink>
      <RouterLink to="/plan">Planning</RouterLink>
      <RouterLink to="/cutting">Cut sheets</RouterLink>
      <RouterLink to="/desk">Trace desk</RouterLink>
      <RouterLink to="/live">Live sweep</RouterLink>
      <RouterLink to="/model">Model</RouterLink>
      <RouterLink to="/people">People</RouterLink>
    </nav>
    <div class="right">
      <div class="choice" role="group" aria-label="Language">
        <button
          v-for="l in LANGUAGES"
          :key="l.language"
          :lang="l.language"
          :aria-label="l.name"
          :title="l.name"
          :aria-pressed="preferences.language === l.language"
          @click="preferences.language = l.language"
        >
          {{ l.language }}
        </button>
      </div>
      <div class="choice" role="group" aria-label="Length unit">
        <button :aria-pressed="preferences.unit === 'mm'" @click="preferences.unit = 'mm'">mm</button>
        <button :aria-pressed="preferences.unit === 'inch'" @click="preferences.unit = 'inch'">inch</button>
      </div>
      <div class="choice" role="group" aria-label="Look">
        <button
          v-for="l in LOOKS"
          :key="l.look"
          :aria-pressed="preferences.look === l.look"
          @click="preferences.look = l.look"
        >
          {{ l.word }}
        </button>
      </div>
      <RouterLink to="/me" class="me">{{ me.displayName }}</RouterLink>
      <button class="out" @click="signOut">Sign out</button>
    </div>
  </header>
  <main>
    <RouterView />
  </main>
</template>

<style scoped>
.bar {
  background: var(--harbour);
  color: var(--on-harbour);
  min-height: 52px;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 26px;
  padding: 4px 22px;
}

.name {
  font-size: 21px;
  font-weight: 680;
  letter-spacing: 0.05em;
  text-decoration: none;
}

.name i {
  color: #d9a02c;
  font-style: normal;
}

nav {
  display: flex;
  gap: 4px;
}

nav a,
.me,
.out {
  padding: 10px 6px;
  text-decoration: none;
  border: 0;
  background: none;
  color: inherit;
  border-radius: 4px;
  white-space: nowrap;
}

nav a.router-link-exact-active {
  box-shadow: inset 0 -3px #d9a02c;
  border-radius: 0;
}

.right {
  margin-left: auto;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 6px;
}

.me {
  font-weight: 600;
}

.out {
  opacity: 0.85;
}

.choice {
  display: flex;
  border: 1px solid rgb(255 255 255 / 0.3);
  border-radius: 5px;
  overflow: hidden;
}

.choice button {
  border: 0;
  background: none;
  padding: 7px 6px;
  font-size: 14px;
}

.choice button[aria-pressed='true'] {
  background: rgb(255 255 255 / 0.2);
  font-weight: 640;
}
</style>
