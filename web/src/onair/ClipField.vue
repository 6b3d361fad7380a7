<script setup lang="ts">
import { onBeforeUnmount, ref } from 'vue'
import ActionButton from '@/ui/ActionButton.vue'
import FileField from '@/ui/FileField.vue'
import { useWords } from '@/words/words'
import { asWav, MOST_SECONDS } from './wav'

/** A sound clip, recorded here or chosen from the machine. */
const emit = defineEmits<{ clip: [wav: Blob] }>()
const words = useWords()
const trouble = ref('')
const recorder = ref<MediaRecorder>()
const hasMicrophone = typeof MediaRecorder !== 'undefined' && !!navigator.mediaDevices

async function take(sound: Blob) {
  trouble.value = ''
  try {
    emit('clip', await asWav(sound))
  } catch {
    trouble.value = words.value.text('air.CLIP_UNREADABLE')
  }
}

async function record() {
  trouble.value = ''
  try {
    // As it is heard: what makes speech pleasant hides the noise that is looked for.
    const stream = await navigator.mediaDevices.getUserMedia({
      audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
    })
    const made = new MediaRecorder(stream)
    made.ondataavailable = (e) => void take(e.data)
    made.onstop = () => {
      stream.getTracks().forEach((t) => t.stop())
      recorder.value = undefined
    }
    made.start()
    recorder.value = made
    setTimeout(() => made.state === 'recording' && made.stop(), MOST_SECONDS * 1000)
  } catch {
    trouble.value = words.value.text('air.NO_MICROPHONE')
  }
}
const stop = () => recorder.value?.state === 'recording' && recorder.value.stop()
onBeforeUnmount(stop)
</script>

<template>
  <div class="clip buttons">
    <ActionButton v-if="recorder" @click="stop">{{ words.text('air.STOP_RECORDING') }}</ActionButton>
    <ActionButton v-else-if="hasMicrophone" quiet @click="record">{{
      words.text('air.RECORD')
    }}</ActionButton>
    <FileField
      small
      :name="words.text('air.UPLOAD')"
      accept="audio/*"
      @files="(files) => files[0] && take(files[0])"
    />
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </div>
</template>
