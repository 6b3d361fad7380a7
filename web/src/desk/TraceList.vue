<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import FileField from '@/ui/FileField.vue'
import FoldOut from '@/ui/FoldOut.vue'
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'
import { computed } from 'vue'
import InstallationPick from '@/board/InstallationPick.vue'
import { toneStyle } from '@/plots/tones'
import type { DeskTrace } from './desk'

/** What lies on the desk: drop files here, take one from an installation, choose which is read. */
const props = defineProps<{ traces: DeskTrace[]; chosen: string | undefined }>()
const emit = defineEmits<{
  files: [files: File[]]
  installation: [id: string]
  choose: [id: string]
  remove: [id: string]
  port: [id: string, port: number]
}>()
const current = computed(() => props.traces.find((t) => t.id === props.chosen))

const words = useWords()
</script>

<template>
  <section class="card stack desk-list">
    <div class="bring buttons">
      <FileField
        :name="words.text('deskPage.FILES')"
        :hint="words.text('deskPage.FILES_HINT')"
        several
        accept=".s1p,.s2p,.csv,text/*"
        @files="emit('files', $event)"
      />
      <InstallationPick
        class="of"
        :label="words.text('deskPage.FROM_INSTALLATION')"
        :placeholder="words.text('deskPage.FROM_INSTALLATION_SHORT')"
        only="swept"
        @update:model-value="$event && emit('installation', $event)"
      />
    </div>
    <ul v-if="traces.length" class="bare">
      <li v-for="t in traces" :key="t.id" :class="{ on: t.id === chosen }">
        <button class="name" :aria-pressed="t.id === chosen" @click="emit('choose', t.id)">
          <svg width="30" height="10" aria-hidden="true">
            <line x1="1" x2="29" y1="5" y2="5" stroke-width="3" :style="toneStyle(t.tone)" />
          </svg>
          <span>{{ t.name }}</span>
        </button>
        <PickField
          v-if="t.ports === 2 && t.file"
          :model-value="t.port"
          :name="words.text('deskPage.PORT_OF', { name: t.name })"
          bare
          :options="[
            { value: 1, word: words.text('deskPage.PORT', { count: 1 }) },
            { value: 2, word: words.text('deskPage.PORT', { count: 2 }) },
          ]"
          @update:model-value="emit('port', t.id, $event)"
        />
        <button
          class="away"
          :aria-label="words.text('deskPage.TAKE_AWAY', { name: t.name })"
          @click="emit('remove', t.id)"
        >
          ×
        </button>
      </li>
    </ul>
    <p v-if="current?.lacks" class="caution">{{ words.sentence(current.lacks) }}</p>
    <p v-for="(w, i) in current?.warnings ?? []" :key="i" class="caution">{{ words.sentence(w) }}</p>
    <FoldOut v-if="current?.columns.length" :title="words.text('deskPage.TABLE_READ')">
      <div class="scrolls">
        <PlainTable>
          <thead>
            <tr>
              <th v-for="(c, i) in current.columns" :key="i">
                {{ c.heading }}<br /><span :class="c.used ? 'strong' : 'soft'">{{
                  words.phrase(c.words)
                }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, i) in current.firstRows" :key="i">
              <td v-for="(cell, k) in row" :key="k">{{ cell }}</td>
            </tr>
          </tbody>
        </PlainTable>
      </div>
    </FoldOut>
  </section>
</template>

<style scoped>
.file {
  cursor: pointer;
}

.file:focus-within {
  outline: 3px solid var(--gold);
}

.bring .of {
  width: 250px;
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

li {
  display: flex;
  align-items: center;
  border: 1px solid var(--line);
  border-radius: 6px;
  max-width: 320px;
}

li.on {
  border-color: var(--trace);
  box-shadow: inset 0 -3px var(--trace);
}

li button {
  border: 0;
  background: none;
  min-height: 44px;
  padding: 4px 10px;
}

.name {
  display: flex;
  align-items: center;
  gap: 8px;
  min-width: 0;
}

.name span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.away {
  color: var(--soft);
  font-size: 19px;
}

th,
td {
  white-space: nowrap;
}
</style>
