<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import SortHead from '@/ui/SortHead.vue'
import { useSorted } from '@/ui/useSorted'
import { computed, toRef } from 'vue'
import { useWords } from '@/words/words'
import { formatSwr } from '@/units/swr'
import { formatTime } from '@/units/time'
import { dipWords, isUnread, passName, type Installation, type Pass } from './sentence'

/** Every pass with its trace to take along. */
const props = defineProps<{ installation: Installation; passes: Pass[] }>()
const words = useWords()

/** Passes that a sign-off rests on. */
const signedOff = computed(() => new Set(props.installation.visits.map((v) => v.signOff?.passNumber)))
const { sort, sorted } = useSorted(toRef(props, 'passes'), {
  pass: (p) => p.number,
  dip: (p) => p.estimate?.resonanceHz ?? p.analysis?.dips[0]?.frequencyHz,
  swr: (p) => p.verdict.worstSwr,
  who: (p) => p.recordedBy,
})
const own = computed(() => props.passes.find((p) => !p.oldAntenna)?.id)
</script>

<template>
  <section class="card stack scrolls">
    <div class="head">
      <h2>{{ words.text('shareList.TITLE') }}</h2>
      <a class="other" :href="`/api/installations/${installation.id}/archive`">{{
        words.text('shareList.ALL')
      }}</a>
    </div>
    <PlainTable v-if="passes.length">
      <thead>
        <tr>
          <SortHead v-model:sort="sort" by="pass" :name="words.text('shareList.PASS')" />
          <th>{{ words.text('shareList.CHANGE') }}</th>
          <SortHead v-model:sort="sort" by="dip" class="number" :name="words.text('shareList.DIP')" />
          <SortHead v-model:sort="sort" by="swr" class="number" :name="words.text('shareList.WORST')" />
          <SortHead v-model:sort="sort" by="who" :name="words.text('shareList.BY')" />
          <th>{{ words.text('shareList.EXPORT') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in sorted" :key="p.id">
          <td>
            {{ p.number }}
            <template v-if="signedOff.has(p.number)"
              ><br /><span class="soft">{{ words.text('shareList.SIGNED_OFF') }}</span></template
            >
          </td>
          <td>{{ passName(p, installation, words, p.id === own) }}</td>
          <td class="number">
            {{ dipWords(p, words, 3).replace(/\sMHz/, '') }}
          </td>
          <td class="number">
            {{ isUnread(p) ? '' : formatSwr(p.verdict.worstSwr) }}
          </td>
          <td class="by">
            {{ p.recordedBy }}<br /><span class="soft">{{ formatTime(p.recordedAt) }}</span>
          </td>
          <td class="files">
            <a
              v-if="p.hasPhase"
              class="other"
              :href="`/api/passes/${p.id}/touchstone`"
              :aria-label="words.text('shareList.TRACE_OF', { number: `${p.number}` })"
              >{{ words.text('shareList.TRACE') }}</a
            >
            <a
              v-else
              class="other"
              :href="`/api/passes/${p.id}/table`"
              :aria-label="words.text('shareList.READINGS_OF', { number: `${p.number}` })"
              >{{ words.text('shareList.READINGS') }}</a
            >
            <a
              v-if="p.fileName"
              class="other"
              :href="`/api/passes/${p.id}/original`"
              :title="p.fileName"
              :aria-label="words.text('shareList.ORIGINAL_OF', { number: `${p.number}` })"
              >{{ words.text('shareList.ORIGINAL') }}</a
            >
          </td>
        </tr>
      </tbody>
    </PlainTable>
    <p v-else class="soft">{{ words.text('shareList.NOTHING') }}</p>
  </section>
</template>

<style scoped>
table {
  font-size: 14px;
}

td {
  white-space: nowrap;
}

th.number,
td.number {
  padding-right: 14px;
}

.by {
  font-size: 13px;
}

.files a {
  display: inline-flex;
}

.files a + a {
  margin-left: 6px;
}
</style>
