<script setup lang="ts">
import { NButton, NUpload, NUploadDragger, type UploadFileInfo } from 'naive-ui'
import { useId } from 'vue'

/** Files chosen or dropped here. What becomes of them is the page's affair: nothing is sent by itself. */
defineProps<{
  name: string
  /** What stands on the button; the name where it says enough. */
  word?: string
  accept?: string
  several?: boolean
  /** Only the button, where there is no room to drop anything. */
  small?: boolean
  capture?: 'environment'
  hint?: string
  wrong?: string
}>()
const emit = defineEmits<{ files: [files: File[]] }>()
const id = useId()

/** Each of several is told by itself: they are gathered until the last has come. */
let gathered: File[] = []
function take({ file }: { file: UploadFileInfo }) {
  if (!file.file) return
  if (gathered.length === 0) {
    setTimeout(() => {
      const all = gathered
      gathered = []
      emit('files', all)
    })
  }
  gathered.push(file.file)
}
</script>

<template>
  <div class="file-field">
    <NUpload
      :accept="accept"
      :multiple="several"
      :show-file-list="false"
      :default-upload="false"
      :input-props="{ 'aria-label': name, capture } as object"
      @change="take"
    >
      <NButton v-if="small" class="other" :aria-label="name">{{ word ?? name }}</NButton>
      <NUploadDragger v-else>
        <NButton class="other" :aria-label="name" :aria-describedby="hint && !wrong ? id : undefined">{{
          word ?? name
        }}</NButton>
        <span v-if="hint && !wrong" :id="id" class="hint">{{ hint }}</span>
      </NUploadDragger>
    </NUpload>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
  </div>
</template>

<style scoped>
.file-field :deep(.n-upload-dragger) {
  padding: 8px;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  background: none;
  text-align: left;
}
</style>
