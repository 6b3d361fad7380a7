<script setup lang="ts">
import { formatDay } from '@/units/time'
import ActionButton from '@/ui/ActionButton.vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { useWords } from '@/words/words'
import { useForm } from '@/shell/useForm'
import { tokensKey } from './tokens'

/** Somebody's access tokens, to be withdrawn; one's own where no person is given. */
const props = defineProps<{ person?: string }>()
const words = useWords()
const client = useQueryClient()
const key = computed(() => tokensKey(props.person))
const tokens = useQuery({
  queryKey: key,
  queryFn: (): Promise<Schemas['TokenView'][]> =>
    props.person === undefined
      ? answer(api.GET('/api/tokens'))
      : answer(api.GET('/api/people/{id}/tokens', { params: { path: { id: props.person } } })),
})
const { busy, trouble, submit } = useForm()

async function withdraw(id: string) {
  await submit(async () => {
    await answer(api.DELETE('/api/tokens/{id}', { params: { path: { id } } }))
  })
  await client.invalidateQueries({ queryKey: key.value })
}
</script>

<template>
  <div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <ul v-if="tokens.data.value?.length" class="bare">
      <li v-for="t in tokens.data.value" :key="t.id">
        <span>{{ t.name }}</span>
        <span class="soft">
          {{
            t.expiresAt
              ? words.text('myPage.TOKEN_UNTIL', { day: formatDay(t.createdAt), end: formatDay(t.expiresAt) })
              : words.text('myPage.TOKEN_SINCE', { day: formatDay(t.createdAt) })
          }}
        </span>
        <ActionButton quiet :disabled="busy" @click="withdraw(t.id)">{{
          words.text('myPage.WITHDRAW')
        }}</ActionButton>
      </li>
    </ul>
    <p v-else-if="tokens.data.value" class="soft">{{ words.text('myPage.NO_TOKEN') }}</p>
  </div>
</template>

<style scoped>
li {
  display: flex;
  gap: 16px;
  align-items: center;
  border-top: 1px solid var(--line);
}

li span:nth-child(2) {
  margin-left: auto;
}
</style>
