<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useQueryClient } from '@tanstack/vue-query'
import { NUpload, type UploadCustomRequestOptions } from 'naive-ui'
import { ref } from 'vue'
import { readArchive } from '@/api/files'
import type { Schemas } from '@/api/client'
import { useForm } from '@/shell/useForm'
import { useWords } from '@/words/words'

/** The whole shop to take away, and an archive to read here; twice the same is once. */
const words = useWords()
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
</script>

<template>
  <section class="card stack">
    <h2>{{ words.text('archiveCard.TITLE') }}</h2>
    <p class="soft">
      {{ words.text('archiveCard.WHAT') }}
    </p>
    <div class="buttons">
      <a class="other" href="/api/archive">{{ words.text('archiveCard.TAKE') }}</a>
      <NUpload
        class="bring"
        accept=".zip"
        :show-file-list="false"
        :custom-request="read"
        :input-props="{ 'aria-label': words.text('archiveCard.READ') }"
      >
        <ActionButton :disabled="busy">
          {{ words.text(busy ? 'archiveCard.READING' : 'archiveCard.READ') }}
        </ActionButton>
      </NUpload>
    </div>
    <p class="hint">{{ words.text('archiveCard.LARGE') }}</p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="done" role="status">
      {{
        words.text('archiveCard.DONE', {
          installationsCount: done.installations,
          passesCount: done.passes,
          othersCount: done.others,
          hereCount: done.alreadyHere,
        })
      }}
      <template v-if="done.left.length">
        {{ words.text('archiveCard.LEFT', { which: done.left.join(', ') }) }}
      </template>
    </p>
  </section>
</template>

<style scoped>
.bring {
  width: auto;
}
</style>
