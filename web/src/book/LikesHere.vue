<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { useInstallationChange } from '@/api/installation'
import { planOf } from '@/installation/planForm'
import { useForm } from '@/shell/useForm'
import type { Installation } from '@/tuning/sentence'
import LikesCard from './LikesCard.vue'
import { useLikes } from './queries'

/** Those like an installation that is there; one press writes where they lead to into its plan. */
const props = defineProps<{ installation: Installation; mayBegin: boolean }>()
const id = computed(() => props.installation.id)
const likes = useLikes(id)
const { trouble, submit } = useForm()
const begin = useInstallationChange((startLengthM: number) =>
  answer(
    api.PUT('/api/installations/{id}', {
      params: { path: { id: id.value }, query: { version: props.installation.version } },
      body: { ...planOf(props.installation), startLengthM },
    }),
  ),
)
</script>

<template>
  <LikesCard
    v-if="likes.data.value"
    :likes="likes.data.value"
    :is-one-way="installation.oneWay"
    :start-m="installation.startLengthM"
    :may-begin="mayBegin"
    @begin="(m) => submit(async () => void (await begin.mutateAsync(m)))"
  />
  <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
</template>
