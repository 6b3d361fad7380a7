<script setup lang="ts">
import { BOARD } from '@/api/keys'
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import InstallationPick from '@/board/InstallationPick.vue'
import RestsFields from '@/tuning/RestsFields.vue'
import type { SweptDraft } from '@/tuning/draft'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import FileField from '@/ui/FileField.vue'
import PageFrame from '@/ui/PageFrame.vue'
import ProgressBar from '@/ui/ProgressBar.vue'
import TableCard from '@/ui/TableCard.vue'
import { formatMhz } from '@/units/frequency'
import { useWords } from '@/words/words'
import { isReady, MOST_FILES, useFiles, type OneFile } from './useFiles'

/** Many sweep files at once: to which installation each goes, and what became of it. */
const words = useWords()
const queries = useQueryClient()
const rests = ref<SweptDraft>({ instrument: '', rests: 'UNCALIBRATED_ANALYSER', declared: '', port: '1' })
const { files, bring, choose, ready, done, asked, isSending, record, stop, leaveOut } = useFiles(rests)
const tooMany = ref(false)

async function take(chosen: File[]) {
  tooMany.value = !(await bring(chosen))
}

async function recordAll() {
  await record()
  await queries.invalidateQueries({ queryKey: BOARD })
}

/** What a file's row says of how its installation was found. */
function told(f: OneFile): string {
  const match = f.whose.find((w) => w.id === f.installation)
  if (match) return words.value.text(`whose.${match.by}`)
  return words.value.text(f.installation ? 'files.by.YOU' : 'files.NOBODY')
}

function became(f: OneFile): string {
  if (f.state === 'DONE') return words.value.text('files.DONE', { number: String(f.pass ?? '') })
  if (f.state !== 'READY') return f.trouble ?? words.value.text(`files.${f.state as 'READING' | 'SENDING'}`)
  const best = f.whose[0]
  if (!f.installation && best && !best.isOpen) return words.value.text('files.CLOSED')
  return words.value.text(f.isChecked || !f.installation ? 'files.READY' : 'files.NOT_CHECKED')
}

const known = (f: OneFile) => {
  const match = f.whose.find((w) => w.id === f.installation)
  return match && { id: match.id, word: `${match.shopNumber} ${match.title}` }
}
</script>

<template>
  <PageFrame>
    <h1>{{ words.text('files.TITLE') }}</h1>
    <p class="soft">{{ words.text('files.WHY') }}</p>
    <section class="card bring">
      <FileField
        :name="words.text('files.CHOOSE')"
        :hint="words.text('files.HINT')"
        several
        accept=".s1p,.s2p,.csv,text/*"
        @files="take"
      />
      <div class="stack"><RestsFields v-model="rests" :wrong="{}" /></div>
    </section>
    <p v-if="tooMany" class="wrong" role="alert">
      {{ words.text('files.TOO_MANY', { mostCount: MOST_FILES }) }}
    </p>
    <template v-if="files.length">
      <template v-if="isSending">
        <ProgressBar
          :share="done / Math.max(1, asked)"
          :name="words.text('files.PROGRESS', { doneCount: done, count: asked })"
        />
        <p role="status">{{ words.text('files.PROGRESS', { doneCount: done, count: asked }) }}</p>
        <ActionButton class="act" @click="stop">{{ words.text('files.STOP') }}</ActionButton>
      </template>
      <template v-else>
        <p v-if="done" role="status">
          {{ words.text('files.REPORT', { doneCount: done, leftCount: files.length - done }) }}
        </p>
        <BigAction
          v-if="files.some((f) => isReady(f)) || !done"
          class="act"
          :disabled="ready.length === 0"
          @click="recordAll"
          >{{ words.text('files.RECORD', { count: ready.length }) }}</BigAction
        >
      </template>
      <TableCard>
        <thead>
          <tr>
            <th>{{ words.text('files.FILE') }}</th>
            <th class="number">{{ words.text('files.SPAN') }}, MHz</th>
            <th class="to">{{ words.text('files.GOES_TO') }}</th>
            <th>{{ words.text('files.WHY_THERE') }}</th>
            <th>{{ words.text('files.STATE') }}</th>
            <th></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="f in files" :key="f.id">
            <td class="file">{{ f.file.name }}</td>
            <td class="number">
              <template v-if="f.startHz !== undefined && f.stopHz !== undefined"
                >{{ formatMhz(f.startHz, 1) }} – {{ formatMhz(f.stopHz, 1) }}</template
              >
            </td>
            <td>
              <RouterLink v-if="f.state === 'DONE'" class="name" :to="`/installations/${f.installation}`">{{
                known(f)?.word ?? words.text('files.by.YOU')
              }}</RouterLink>
              <InstallationPick
                v-else
                :model-value="f.installation"
                :known="known(f)"
                :label="words.text('files.PICK_FOR', { name: f.file.name })"
                :placeholder="words.text('files.PICK')"
                only="open"
                @update:model-value="choose(f, $event)"
              />
            </td>
            <td>{{ told(f) }}</td>
            <td>
              <span :class="{ wrong: f.trouble }">{{ became(f) }}</span>
            </td>
            <td class="deeds">
              <ActionButton
                v-if="f.state === 'READY' && f.installation && !f.isChecked"
                @click="choose(f, f.installation)"
                >{{ words.text('files.CHECKED') }}</ActionButton
              >
              <ActionButton v-if="f.state === 'READY' || f.state === 'REFUSED'" quiet @click="leaveOut(f)">{{
                words.text('files.LEAVE_OUT')
              }}</ActionButton>
            </td>
          </tr>
        </tbody>
      </TableCard>
    </template>
  </PageFrame>
</template>

<style scoped>
.bring {
  padding: 16px 18px;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}

.to {
  min-width: 230px;
}

.file {
  overflow-wrap: anywhere;
}

.act {
  justify-self: start;
  max-width: 320px;
}

@media (max-width: 900px) {
  .bring {
    grid-template-columns: 1fr;
  }
}
</style>
