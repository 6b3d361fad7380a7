<script setup lang="ts">
import { useWords } from '@/words/words'
import type { Installation } from './sentence'
import { formatChannelMhz } from '@/units/frequency'
import { emptyRow, METERS, type MeterDraft, type SpotRow } from './spots'

const words = useWords()

/** Readings at single channels, typed from a meter or a dial. */
const draft = defineModel<MeterDraft>({ required: true })
const props = defineProps<{ installation: Installation; wrong: Record<string, string> }>()

const rows = () => props.installation.channels.map((c) => ({ c, key: String(c.frequencyHz) }))
/** A channel that was added to the plan since the draft was begun gets its row when something is typed. */
function set(key: string, part: keyof SpotRow, event: Event) {
  const row = draft.value.channels[key] ?? emptyRow()
  draft.value.channels[key] = { ...row, [part]: (event.target as HTMLInputElement).value }
}
function setExtra(i: number, part: keyof SpotRow, event: Event) {
  const row = draft.value.extra[i]
  if (row) row[part] = (event.target as HTMLInputElement).value
}
const columns = (): { part: keyof SpotRow; word: string }[] =>
  draft.value.kind === 'WATTMETER'
    ? [
        { part: 'forward', word: words.value.text('tuning.FORWARD') },
        { part: 'reflected', word: words.value.text('tuning.REFLECTED') },
      ]
    : draft.value.kind === 'DIAL_ANALYSER'
      ? [
          { part: 'swr', word: words.value.text('tuning.SWR') },
          { part: 'r', word: 'R' },
          { part: 'x', word: '|X|' },
        ]
      : [{ part: 'swr', word: words.value.text('tuning.SWR') }]
</script>

<template>
  <div class="spots">
    <label class="field">
      <span class="name">{{ words.text('tuning.INSTRUMENT') }}</span>
      <select v-model="draft.kind">
        <option v-for="m in METERS" :key="m" :value="m">{{ words.text(`meter.${m}`) }}</option>
      </select>
    </label>
    <p class="hint">{{ words.text(`reminder.${draft.kind}`) }}</p>
    <div v-if="draft.kind === 'WATTMETER'" class="ranges">
      <label class="field">
        <span class="name">{{ words.text('tuning.FULL_SCALE_FORWARD') }}</span>
        <input v-model="draft.forwardRange" inputmode="decimal" />
        <span v-if="wrong.forwardRange" class="wrong" role="alert">{{ wrong.forwardRange }}</span>
      </label>
      <label class="field">
        <span class="name">{{ words.text('tuning.AND_REFLECTED') }}</span>
        <input v-model="draft.reflectedRange" inputmode="decimal" />
        <span v-if="wrong.reflectedRange" class="wrong" role="alert">{{ wrong.reflectedRange }}</span>
      </label>
    </div>
    <table>
      <thead>
        <tr>
          <th>{{ words.text('tuning.CHANNEL_MHZ') }}</th>
          <th v-for="col in columns()" :key="col.part">{{ col.word }}</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="{ c, key } in rows()" :key="key">
          <tr>
            <td>
              <span :class="{ main: c.primary }">{{ c.name }}</span>
              <span class="soft">{{ formatChannelMhz(c.frequencyHz) }}</span>
            </td>
            <td v-for="col in columns()" :key="col.part">
              <input
                :value="draft.channels[key]?.[col.part] ?? ''"
                :aria-label="words.text('tuning.ON', { what: col.word, channel: c.name })"
                inputmode="decimal"
                @input="set(key, col.part, $event)"
              />
            </td>
          </tr>
          <tr v-if="wrong[key]">
            <td :colspan="columns().length + 1" class="wrong" role="alert">{{ wrong[key] }}</td>
          </tr>
        </template>
        <template v-for="(row, i) in draft.extra" :key="i">
          <tr>
            <td>
              <input
                :value="row.mhz"
                :aria-label="words.text('tuning.FREQUENCY_N', { n: `${i + 1}` })"
                placeholder="MHz"
                inputmode="decimal"
                @input="setExtra(i, 'mhz', $event)"
              />
            </td>
            <td v-for="col in columns()" :key="col.part">
              <input
                :value="row[col.part]"
                :aria-label="words.text('tuning.AT_FREQUENCY_N', { what: col.word, n: `${i + 1}` })"
                inputmode="decimal"
                @input="setExtra(i, col.part, $event)"
              />
            </td>
          </tr>
          <tr v-if="wrong[`extra${i}`]">
            <td :colspan="columns().length + 1" class="wrong" role="alert">{{ wrong[`extra${i}`] }}</td>
          </tr>
        </template>
      </tbody>
    </table>
    <button
      v-if="draft.kind === 'DIAL_ANALYSER'"
      type="button"
      class="plain"
      @click="draft.extra.push(emptyRow())"
    >
      {{ words.text('tuning.ADD_FREQUENCY') }}
    </button>
    <p v-if="wrong.spots" class="wrong" role="alert">{{ wrong.spots }}</p>
  </div>
</template>

<style scoped>
.spots {
  display: grid;
  gap: 8px;
}

.ranges {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  align-items: end;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th {
  font-size: 13px;
  font-weight: 560;
  color: var(--soft);
  text-align: left;
  padding: 0 4px 2px 0;
}

td {
  padding: 2px 6px 2px 0;
}

td:first-child {
  max-width: 130px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

td .soft {
  font-size: 13px;
  margin-left: 6px;
}

.main {
  font-weight: 640;
}

input {
  font: inherit;
  color: inherit;
  width: 100%;
  min-width: 52px;
  min-height: 44px;
  padding: 4px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--card);
}
</style>
