<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import { useWords } from '@/words/words'
import { computed } from 'vue'
import { usePreferences } from '@/preferences'
import { formatLength } from '@/units/length'
import BothUnits from './BothUnits.vue'
import { cutsInWords, sawTo, type Sheet } from './sheet'

/** Both answers side by side, the pieces to cut, and what to cut them from. */
/** `antennas`: how many alike are made. */
const props = withDefaults(defineProps<{ sheet: Sheet; antennas?: number }>(), { antennas: 1 })

const preferences = usePreferences()
const words = useWords()
const unit = computed(() => preferences.unit)
/** Beyond its doubt a difference asks for a reason. */
const isOdd = (l: Sheet['lines'][number]) =>
  l.difference !== undefined &&
  l.rule !== undefined &&
  Math.abs(l.difference) > props.sheet.doubt * Math.abs(l.rule)
/** One source of several rows is named once. */
const isNewSource = (i: number) => {
  const [above, here] = [props.sheet.lines[i - 1], props.sheet.lines[i]]
  return !above || !here || words.value.phrase(above.source) !== words.value.phrase(here.source)
}
const percent = (l: Sheet['lines'][number]) =>
  Math.round((100 * (l.difference ?? 0)) / (l.rule ?? 1))
    .toString()
    .replace('-', '−')
const tolerance = (l: Sheet['lines'][number]) =>
  l.quantity === 'LENGTH'
    ? `± ${formatLength(Math.max(0.0005, l.used * l.toleranceShare), unit.value, true)}`
    : `± ${(l.toleranceShare * 100).toFixed(l.toleranceShare < 0.01 ? 1 : 0)} %`
</script>

<template>
  <section class="card block">
    <h2>{{ words.text('cutPage.DIMENSIONS') }}</h2>
    <p>{{ words.sentence(sheet.why) }}</p>
    <div class="scrolls">
      <PlainTable>
        <thead>
          <tr>
            <th></th>
            <th>{{ words.text('cutPage.WHAT') }}</th>
            <th>{{ words.text('cutPage.BY_RULE') }}</th>
            <th>{{ words.text('cutPage.IS_SOLVED') }}</th>
            <th>{{ words.text('cutPage.DIFFERENCE') }}</th>
            <th>{{ words.text('cutPage.USE') }}</th>
            <th>{{ words.text('cutPage.WITHIN') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(l, i) in sheet.lines" :key="l.id">
            <td class="letter">{{ l.mark }}</td>
            <td class="what">
              {{ words.phrase(l.title) }}
              <span v-if="isNewSource(i)" class="hint">{{ words.phrase(l.source) }}</span>
            </td>
            <td :class="{ soft: sheet.uses !== 'RULE' }">
              <BothUnits v-if="l.rule !== undefined" :value="l.rule" :quantity="l.quantity" />
              <template v-else>{{ words.text('cutPage.NO_RULE') }}</template>
            </td>
            <td :class="{ soft: sheet.uses === 'RULE' }">
              <BothUnits v-if="l.solved !== undefined" :value="l.solved" :quantity="l.quantity" />
              <template v-else-if="sheet.solvable">…</template>
            </td>
            <td>
              <template v-if="l.difference !== undefined && Math.abs(l.difference) > 1e-9">
                <BothUnits :value="l.difference" :quantity="l.quantity" signed />
                <span v-if="isOdd(l)" class="wrong">
                  {{ words.text('cutPage.ODD', { percent: percent(l) }) }}
                </span>
              </template>
            </td>
            <td class="use">
              <BothUnits :value="l.used" :quantity="l.quantity" />
            </td>
            <td class="soft within">{{ tolerance(l) }}</td>
          </tr>
        </tbody>
      </PlainTable>
    </div>
    <p v-for="(n, i) in sheet.notes" :key="i">{{ words.sentence(n) }}</p>
  </section>

  <section class="card block">
    <h2>{{ words.text('cutPage.stage.CUT') }}</h2>
    <div class="scrolls">
      <PlainTable>
        <thead>
          <tr>
            <th>{{ words.text('cutPage.NUMBER') }}</th>
            <th>{{ words.text('cutPage.PIECE') }}</th>
            <th>{{ words.text('cutPage.COUNT') }}</th>
            <th>{{ words.text('cutPage.FINISHED') }}</th>
            <th>{{ words.text('cutPage.TO_TRIM') }}</th>
            <th>{{ words.text('cutPage.MORE') }}</th>
            <th>{{ words.text('cutPage.CUT_TO') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="p in sheet.pieces" :key="p.number">
            <td class="letter">{{ p.number }}</td>
            <td class="what">
              {{ words.phrase(p.name) }} <span class="hint">{{ words.phrase(p.stock) }}</span>
            </td>
            <td>{{ antennas > 1 ? `${antennas} × ${p.count}` : p.count }}</td>
            <td>{{ formatLength(p.finishedM, unit, true) }}</td>
            <td>{{ p.trimM > 0 ? formatLength(p.trimM, unit) : '' }}</td>
            <td>
              <template v-if="p.extraM > 0">
                {{ formatLength(p.extraM, unit) }}
                <span v-if="p.extraFor" class="hint">{{ words.phrase(p.extraFor) }}</span>
              </template>
            </td>
            <td class="use">{{ sawTo(p, unit) }}</td>
          </tr>
        </tbody>
      </PlainTable>
    </div>
    <template v-if="sheet.plan">
      <h3>
        {{ words.text('cutPage.FROM', { stock: words.phrase(sheet.plan.stock), count: antennas }) }}
      </h3>
      <p v-if="sheet.plan.missing.length" class="wrong" role="alert">
        {{
          words.text('cutPage.NOT_LONG_ENOUGH', {
            cuts: cutsInWords(sheet.plan.missing, sheet.pieces, words),
          })
        }}
      </p>
      <ul class="bars bare">
        <li v-for="(b, i) in sheet.plan.bars" :key="i">
          <span>{{ formatLength(b.lengthM, unit) }}</span>
          <span class="bar" aria-hidden="true">
            <i v-for="(c, k) in b.cuts" :key="k" :style="{ flexGrow: c.lengthM / b.lengthM }">{{
              c.piece
            }}</i><i class="left" :style="{ flexGrow: b.leftM / b.lengthM }"></i>
          </span>
          <span>
            {{
              words.text('cutPage.LEFT', {
                cuts: cutsInWords(b.cuts, sheet.pieces, words),
                length: formatLength(b.leftM, unit),
              })
            }}</span
          >
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
th,
td {
  text-align: right;
  vertical-align: top;
  white-space: nowrap;
}

.letter {
  text-align: left;
  font-weight: 700;
}

.what,
th:nth-child(2) {
  text-align: left;
}

.use {
  font-weight: 640;
}

@media print {
  /* A repeated head would lie over what follows the table. */
  thead {
    display: table-row-group;
  }

  tr {
    break-inside: avoid;
  }
}

td .hint,
td .wrong {
  display: block;
  font-weight: 400;
}

.what,
td .hint,
td .wrong {
  white-space: normal;
}

h3 {
  font-size: 16px;
}

.bars {
  display: grid;
  gap: 6px;
}

.bars li {
  display: grid;
  grid-template-columns: 70px minmax(120px, 1fr) minmax(0, 1.4fr);
  gap: 10px;
  align-items: center;
}

.bar {
  display: flex;
  height: 24px;
  border: 1px solid var(--trace);
}

.bar i {
  flex-basis: 0;
  font-style: normal;
  font-size: 13px;
  text-align: center;
  border-right: 1.5px solid var(--trace);
  overflow: hidden;
}

.bar .left {
  background: repeating-linear-gradient(45deg, var(--line) 0 3px, transparent 3px 8px);
  border-right: 0;
}
</style>
