<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { useServices } from '@/api/installation'
import { useInventedRecorded } from '@/api/instruments'
import { useMe } from '@/api/people'
import { useBenchVerdict, useRadioChecks, useRadios } from '@/api/radios'
import CautionsAt from '@/safety/CautionsAt.vue'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import ConfirmButton from '@/ui/ConfirmButton.vue'
import PickField from '@/ui/PickField.vue'
import TextField from '@/ui/TextField.vue'
import { formatTime } from '@/units/time'
import { useWords } from '@/words/words'
import RadioForm from './RadioForm.vue'
import RadioVerdict from './RadioVerdict.vue'
import { fromPractice, likeBefore, OWN, readCheck } from './check'

/** One radio: its bench check into a dummy load, and those before. */
const props = defineProps<{ id: string }>()
const words = useWords()
const router = useRouter()
const me = useMe()
const mayWrite = computed(() => me.data.value?.role !== 'VIEWER')
const { radios, renew } = useRadios()
const radio = computed(() => radios.data.value?.find((r) => r.id === props.id))
const checks = useRadioChecks(computed(() => props.id))
const counting = computed(() => (checks.data.value ?? []).filter((c) => !c.takenBackBy))
const services = useServices()
const ruled = computed(() => (services.data.value ?? []).filter((s) => s.frequencyTolerance))
const isDemo = useInventedRecorded()

const form = ref(likeBefore(undefined, []))
const isBegun = ref(false)
/** Once both are known, the form begins where the last check was. */
watch(
  [() => checks.data.value, ruled],
  () => {
    if (isBegun.value || !checks.data.value || ruled.value.length === 0) return
    isBegun.value = true
    // What somebody typed meanwhile stays.
    if (JSON.stringify(form.value) !== JSON.stringify(likeBefore(undefined, []))) return
    form.value = likeBefore(counting.value[0]?.read, ruled.value)
  },
  { immediate: true },
)

const typed = computed(() =>
  radio.value
    ? readCheck(form.value, radio.value, ruled.value, () => words.value.text('radios.PLUG_BAND_HOW'))
    : undefined,
)
const isAnything = computed(
  () => !!(form.value.forward.trim() || form.value.counter.trim() || form.value.spuriousDbc.trim()),
)
const verdict = useBenchVerdict(
  computed(() => (typed.value && Object.keys(typed.value.wrong).length === 0 ? typed.value.body : undefined)),
)
const isEditing = ref(false)
const said = ref('')
const { busy, wrong, unplaced, submit } = useForm((field) => PLACES[field] ?? field)
const PLACES: Record<string, string> = {
  channelHz: 'channel',
  forwardW: 'forward',
  carrierHz: 'counter',
}
/** What is typed and can't be used is said at once; that something is missing, when it is sent. */
const wrongNow = computed(() => {
  const shown: Record<string, string> = { ...wrong.value }
  for (const [field, why] of Object.entries(typed.value?.wrong ?? {})) {
    if (form.value[field as keyof typeof form.value].trim() !== '') shown[field] = why
  }
  return shown
})

const rule = computed(() => ruled.value.find((s) => s.id === form.value.service)?.frequencyTolerance)

async function save() {
  said.value = ''
  if (!typed.value) return
  if (Object.keys(typed.value.wrong).length > 0) {
    wrong.value = typed.value.wrong
    return
  }
  const body = typed.value.body
  const done = await submit(async () => {
    await answer(api.POST('/api/radios/{id}/checks', { params: { path: { id: props.id } }, body }))
  })
  if (!done) return
  form.value = likeBefore(body, ruled.value)
  said.value = words.value.text('radios.SAVED')
  await renew()
}

async function takeBack(checkId: string) {
  await submit(async () => {
    await answer(
      api.DELETE('/api/radios/{id}/checks/{checkId}', { params: { path: { id: props.id, checkId } } }),
    )
  })
  await renew()
}

/** On the page of the one that stays. */
async function merged(into: string) {
  isEditing.value = false
  await router.push(`/radios/${into}`)
  await renew()
}
async function remove() {
  const done = await submit(async () => {
    await answer(api.DELETE('/api/radios/{id}', { params: { path: { id: props.id } } }))
  })
  if (!done) return
  await renew()
  void router.push('/radios')
}

async function changed() {
  isEditing.value = false
  await renew()
}

/** The practice radio, into the practice bench's dummy load: in the demo only, so that nothing invented stands with a shop's radio. */
async function practise() {
  const t = typed.value
  if (!t || !radio.value) return
  if (!t.body.channelHz) {
    wrong.value = { channel: t.wrong.channel ?? '' }
    return
  }
  await submit(async () => {
    const { bench } = await answer(api.GET('/api/practice'))
    await answer(api.PUT('/api/practice/bench', { body: { ...bench, atPort: 'LOAD' } }))
    const plugW = t.body.fullScaleW ?? verdict.data.value?.usualPlugW ?? 25
    const read = await answer(
      api.POST('/api/practice/meters/reading', {
        body: {
          frequencyHz: t.body.channelHz,
          powerW: radio.value?.ratedPowerW ?? 25,
          ceilingSwr: radio.value?.swrCeiling ?? 2,
          meterRangeW: 100,
          plugW,
          plugLowHz: t.body.plugLowHz ?? 1e6,
          plugHighHz: t.body.plugHighHz ?? 3e9,
        },
      }),
    )
    form.value = fromPractice(
      { ...form.value, plug: String(plugW) },
      read,
      words.value.text('radios.PRACTICE_NOTE'),
    )
  })
}
</script>

<template>
  <p v-if="radios.data.value && !radio" class="lost wrong" role="alert">{{ words.text('radios.GONE') }}</p>
  <div v-else-if="radio" class="desk">
    <div class="work">
      <div class="head">
        <h1>{{ radio.name }}</h1>
        <p class="soft">
          {{ words.text('radios.RATED_AT', { ratedFineW: radio.ratedPowerW, limitSwr: radio.swrCeiling }) }}
          {{ radio.note }}
        </p>
      </div>
      <RadioForm
        v-if="isEditing"
        :radio="radio"
        @saved="changed"
        @left="isEditing = false"
        @merged="merged"
      />
      <form v-if="mayWrite" id="check" class="card stack" @submit.prevent="save">
        <div class="fields">
          <TextField
            v-model="form.channel"
            :name="words.text('radios.CHANNEL')"
            inputmode="decimal"
            :wrong="wrongNow.channel"
          />
          <TextField
            v-model="form.note"
            :name="words.text('radios.REMARK')"
            :wrong="wrongNow.note"
            class="wide"
          />
        </div>
        <fieldset>
          <legend>{{ words.text('radios.POWER') }}</legend>
          <div class="fields">
            <TextField
              v-model="form.forward"
              :name="words.text('radios.FORWARD')"
              inputmode="decimal"
              :wrong="wrongNow.forward"
            />
            <TextField
              v-model="form.plug"
              :name="words.text('radios.PLUG')"
              inputmode="decimal"
              :hint="
                verdict.data.value
                  ? words.text('radios.PLUG_HINT', {
                      ratedFineW: radio.ratedPowerW,
                      plugFineW: verdict.data.value.usualPlugW,
                    })
                  : undefined
              "
              :wrong="wrongNow.plug"
            />
            <TextField
              v-model="form.plugBand"
              :name="words.text('radios.PLUG_BAND')"
              :hint="words.text('radios.PLUG_BAND_HOW')"
              :wrong="wrongNow.plugBand"
            />
            <TextField
              v-model="form.reflected"
              :name="words.text('radios.REFLECTED')"
              inputmode="decimal"
              :wrong="wrongNow.reflected"
            />
          </div>
        </fieldset>
        <fieldset>
          <legend>{{ words.text('radios.FREQUENCY') }}</legend>
          <div class="fields">
            <TextField
              v-model="form.counter"
              :name="words.text('radios.COUNTER')"
              inputmode="decimal"
              :wrong="wrongNow.counter"
            />
            <TextField
              v-model="form.counterPpm"
              :name="words.text('radios.COUNTER_PPM')"
              inputmode="decimal"
              :wrong="wrongNow.counterPpm"
            />
            <PickField
              v-model="form.service"
              :name="words.text('radios.SERVICE')"
              :hint="rule?.source"
              :options="[
                { value: OWN, word: words.text('radios.SERVICE_OWN') },
                ...ruled.map((s) => ({
                  value: s.id,
                  word: `${words.phrase(s.title)}, ${words.phrase(s.country)}`,
                })),
              ]"
            />
            <TextField
              v-if="form.service === OWN"
              v-model="form.tolerance"
              :name="words.text('radios.TOLERANCE')"
              inputmode="decimal"
              :wrong="wrongNow.tolerance"
            />
          </div>
        </fieldset>
        <fieldset>
          <legend>{{ words.text('radios.SPURIOUS') }}</legend>
          <div class="fields">
            <TextField
              v-model="form.spuriousDbc"
              :name="words.text('radios.LEVEL')"
              :wrong="wrongNow.spuriousDbc"
            />
            <TextField
              v-model="form.spuriousAt"
              :name="words.text('radios.AT')"
              inputmode="decimal"
              :wrong="wrongNow.spuriousAt"
            />
          </div>
        </fieldset>
      </form>
      <section v-if="checks.data.value?.length" class="card stack">
        <h2>{{ words.text('radios.EARLIER') }}</h2>
        <article v-for="c in checks.data.value" :key="c.id" :class="{ back: c.takenBackBy }">
          <p>
            <b>{{ words.sentence(c.verdict.says) }}</b>{{ ' ' }}
            <span class="soft">
              {{ words.text('radios.CHECKED', { when: formatTime(c.checkedAt), who: c.checkedBy }) }}
              <template v-if="c.read.note">· {{ c.read.note }}</template>
              <template v-if="c.takenBackBy"
                >· {{ words.text('radios.TAKEN_BACK', { who: c.takenBackBy }) }}</template
              >
            </span>
          </p>
          <ul>
            <li v-for="f in c.verdict.findings" :key="f.id">{{ words.sentence(f) }}</li>
          </ul>
          <ActionButton v-if="mayWrite && !c.takenBackBy" quiet @click="takeBack(c.id)">{{
            words.text('radios.TAKE_BACK')
          }}</ActionButton>
        </article>
      </section>
    </div>
    <aside class="side">
      <RadioVerdict v-if="isAnything && verdict.data.value" :verdict="verdict.data.value" />
      <p v-else class="sentence" role="status">{{ words.text('radios.FIRST') }}</p>
      <p v-if="said" class="caution" role="status">{{ said }}</p>
      <p v-if="unplaced || verdict.error.value" class="wrong" role="alert">
        {{ unplaced || verdict.error.value?.message }}
      </p>
      <template v-if="mayWrite">
        <BigAction submits form="check" :disabled="busy || !isAnything">{{
          words.text('radios.SAVE_CHECK')
        }}</BigAction>
        <ActionButton v-if="isDemo" :disabled="busy" @click="practise">{{
          words.text('radios.PRACTICE')
        }}</ActionButton>
        <ActionButton quiet @click="isEditing = !isEditing">{{ words.text('radios.CHANGE') }}</ActionButton>
        <ConfirmButton
          :question="words.text('radios.REMOVE_REALLY', { name: radio.name })"
          :yes="words.text('radios.REMOVE_IT')"
          @confirmed="remove"
          >{{ words.text('radios.REMOVE') }}</ConfirmButton
        >
      </template>
      <CautionsAt stage="AT_THE_BENCH" />
      <RouterLink to="/radios" class="other">{{ words.text('radios.BACK') }}</RouterLink>
    </aside>
  </div>
</template>

<style scoped>
.fields {
  grid-template-columns: repeat(auto-fit, minmax(min(150px, 100%), 1fr));
}

.head p {
  margin: 2px 0 0;
}

fieldset {
  border: 0;
  border-top: 1px solid var(--line);
  padding: 10px 0 0;
  margin: 0;
  min-width: 0;
}

legend {
  font-weight: 560;
  padding: 0 8px 0 0;
}

.wide {
  grid-column: span 3;
}

article {
  border-top: 1px solid var(--line);
  padding-top: 8px;
}

article ul {
  margin: 4px 0;
  padding-left: 18px;
}

.back {
  opacity: 0.65;
}

.back b,
.back li {
  text-decoration: line-through;
}

@media (max-width: 900px) {
  .wide {
    grid-column: span 1;
  }
}
</style>
