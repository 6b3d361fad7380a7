<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useQueryClient } from '@tanstack/vue-query'
import { NUpload, type UploadCustomRequestOptions } from 'naive-ui'
import { ref } from 'vue'
import { readArchive } from '@/api/queries'
import type { Schemas } from '@/api/client'
import { useForm } from '@/shell/useForm'

/** The whole shop to take away, and an archive to read here; twice the same is once. */
const client = useQueryClient()
const { busy, trouble, submit } = useForm()
const done = ref<Schemas['ReadArchiveView']>()

async function read({ file, onFinish, onError }: UploadCustomRequestOptions) {
  done.value = undefined
  const isRead = await submit(async () => {
    if (file.file) done.value = await readArchive(file.file)
  })
  if (isRead) onFinish()
  else onError()
  await client.invalidateQueries()
}

const many = (n: number, one: string, more = `${one}s`) => `${n} ${n === 1 ? one : more}`
</script>

<template>
  <section class="card">
    <h2>The shop in one file</h2>
    <p class="soft">
      A zip with every installation, its passes as Touchstone files, photos, saved plans, cut sheets and
      channel lists. Passwords are not in it. Another Dorada reads it; what is there already stays as it is.
    </p>
    <div class="row">
      <a class="other" href="/api/archive">Archive of the shop (.zip)</a>
      <NUpload
        class="bring"
        accept=".zip"
        :show-file-list="false"
        :custom-request="read"
        :input-props="{ 'aria-label': 'Read an archive' }"
      >
        <ActionButton :disabled="busy">
          {{ busy ? 'Reading…' : 'Read an archive' }}
        </ActionButton>
      </NUpload>
    </div>
    <p class="hint">Above 8 MB, on the machine itself: ./dorada read-archive FILE</p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="done" role="status">
      Read: {{ many(done.installations, 'new installation') }}, {{ many(done.passes, 'pass', 'passes') }},
      {{ done.others }} plans, sheets and lists. Here already: {{ many(done.alreadyHere, 'installation') }}.
      <template v-if="done.left.length">
        Left as they are, because they went on differently here: {{ done.left.join(', ') }}.
      </template>
    </p>
  </section>
</template>

<style scoped>
.card {
  padding: 20px;
  display: grid;
  gap: 12px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}

.bring {
  width: auto;
}
</style>
