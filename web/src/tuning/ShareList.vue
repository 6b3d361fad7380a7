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
  <section class="card">
    <div class="top">
      <h2>Passes and their traces</h2>
      <a class="other" :href="`/api/installations/${installation.id}/archive`">All of it (.zip)</a>
    </div>
    <PlainTable v-if="passes.length">
      <thead>
        <tr>
          <SortHead v-model:sort="sort" by="pass" name="Pass" />
          <th>Change</th>
          <SortHead v-model:sort="sort" by="dip" class="number" name="Dip, MHz" />
          <SortHead v-model:sort="sort" by="swr" class="number" name="Worst SWR" />
          <SortHead v-model:sort="sort" by="who" name="By" />
          <th>Export</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in sorted" :key="p.id">
          <td>{{ p.number }}{{ signedOff.has(p.number) ? ', signed off' : '' }}</td>
          <td>{{ passName(p, installation, words, p.id === own) }}</td>
          <td class="number">
            {{ dipWords(p, words, 3).replace(' MHz', '') }}
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
              :aria-label="`Trace (.s1p) of pass ${p.number}`"
              >Trace (.s1p)</a
            >
            <a
              v-else
              class="other"
              :href="`/api/passes/${p.id}/table`"
              :aria-label="`Readings (.csv) of pass ${p.number}`"
              >Readings (.csv)</a
            >
            <a
              v-if="p.fileName"
              class="other"
              :href="`/api/passes/${p.id}/original`"
              :title="p.fileName"
              :aria-label="`As it came: the file of pass ${p.number}`"
              >As it came</a
            >
          </td>
        </tr>
      </tbody>
    </PlainTable>
    <p v-else class="soft">There is nothing to share yet: take a sweep first.</p>
  </section>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
}

.card {
  padding: 18px 20px;
  display: grid;
  gap: 14px;
  align-content: start;
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 14px;
}

th {
  text-align: left;
  font-size: 13.5px;
  font-weight: 560;
  color: var(--soft);
  padding: 0 10px 6px 0;
  white-space: nowrap;
}

td {
  border-top: 1px solid var(--line);
  padding: 8px 8px 8px 0;
  white-space: nowrap;
}

.number {
  text-align: right;
}

th.number,
td.number {
  padding-right: 14px;
}

.by {
  font-size: 14px;
}

.files a {
  display: inline-flex;
}

.files a + a {
  margin-left: 6px;
}
</style>
