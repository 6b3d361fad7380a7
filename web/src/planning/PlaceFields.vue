<script setup lang="ts">
import { useWords } from '@/words/words'
import FoldOut from '@/ui/FoldOut.vue'
import PickField from '@/ui/PickField.vue'
import { computed } from 'vue'
import ActionButton from '@/ui/ActionButton.vue'
import ChoiceField from '@/ui/ChoiceField.vue'
import TextField from '@/ui/TextField.vue'
import { emptyNear, MATERIALS, stands, TARGETS, type Need, type NeedForm } from './choice'
import RoofView from './RoofView.vue'

const words = useWords()

/** Where it stands, what is near, what it must reach and what it is made of. */
const form = defineModel<NeedForm>({ required: true })
defineProps<{ need: Need | undefined; wrong: Record<string, string> }>()

const MOST_NEAR = 8
const materials = computed(() =>
  MATERIALS.filter((m) => m !== 'NONE').map((value) => ({
    value,
    word: words.value.text(`planPage.material.${value}`),
  })),
)
const targets = computed(() =>
  TARGETS.map((value) => ({ value, word: words.value.text(`planPage.target.${value}`) })),
)

function remove(index: number) {
  form.value.near = form.value.near.filter((_, i) => i !== index)
}
</script>

<template>
  <section class="card block">
    <h2>{{ words.text('planPage.MUST_REACH') }}</h2>
    <PickField v-model="form.target" :name="words.text('planPage.REACH')" :options="targets" />
    <ChoiceField
      v-if="form.target !== 'SKIP'"
      v-model="form.polarisation"
      :name="words.text('planPage.POLARISATION')"
      :options="[
        { value: 'VERTICAL', word: words.text('planPage.VERTICAL') },
        { value: 'HORIZONTAL', word: words.text('planPage.HORIZONTAL') },
      ]"
    />
    <TextField
      v-if="form.target === 'ONE_STATION'"
      v-model="form.bearing"
      :name="words.text('planPage.BEARING')"
      :wrong="wrong.bearing"
    />
  </section>

  <section v-if="stands(form.carrier)" class="card block">
    <ChoiceField v-model="form.material" :name="words.text('planPage.SURFACE')" :options="materials" />
    <div v-if="form.material === 'METAL'" class="two">
      <TextField
        v-model="form.roofLength"
        :name="words.text('planPage.ROOF_LENGTH')"
        :wrong="wrong.roofLength"
      />
      <TextField
        v-model="form.roofWidth"
        :name="words.text('planPage.ROOF_WIDTH')"
        :wrong="wrong.roofWidth"
      />
      <TextField v-model="form.along" :name="words.text('planPage.ALONG')" :wrong="wrong.along" />
      <TextField v-model="form.across" :name="words.text('planPage.ACROSS')" :wrong="wrong.across" />
    </div>
    <RoofView v-if="need" :need="need" />
    <p class="hint">
      {{ words.text('planPage.FROM_ABOVE') }}
      <RouterLink to="/plan/ground">{{ words.text('planPage.NO_METAL') }}</RouterLink>
    </p>
  </section>

  <section v-if="form.carrier === 'INDOOR'" class="card block">
    <h2>{{ words.text('planPage.ROOM') }}</h2>
    <div class="two">
      <TextField
        v-model="form.roomLength"
        :name="words.text('planPage.ROOM_LENGTH')"
        :wrong="wrong.roomLength"
      />
      <TextField
        v-model="form.roomHeight"
        :name="words.text('planPage.ROOM_HEIGHT')"
        :wrong="wrong.roomHeight"
      />
    </div>
    <p class="hint">{{ words.text('planPage.HANG_IT') }}</p>
  </section>

  <FoldOut
    v-if="form.carrier !== 'HANDHELD'"
    class="card block"
    :title="words.text('planPage.STANDS_NEAR', { count: form.near.length })"
  >
    <fieldset v-for="(n, i) in form.near" :key="i" class="thing">
      <legend class="visually-hidden">{{ words.text('planPage.THING', { count: i + 1 }) }}</legend>
      <div class="two">
        <TextField v-model="n.name" :name="words.text('planPage.WHAT')" />
        <TextField
          v-model="n.thick"
          :name="words.text('planPage.THICK')"
          :wrong="wrong[`near[${i}].thick`]"
        />
        <TextField
          v-model="n.along"
          :name="words.text('planPage.NEAR_ALONG')"
          :wrong="wrong[`near[${i}].along`]"
        />
        <TextField
          v-model="n.across"
          :name="words.text('planPage.NEAR_ACROSS')"
          :wrong="wrong[`near[${i}].across`]"
        />
        <TextField
          v-model="n.from"
          :name="words.text('planPage.NEAR_FROM')"
          :wrong="wrong[`near[${i}].from`]"
        />
        <TextField v-model="n.to" :name="words.text('planPage.NEAR_TO')" :wrong="wrong[`near[${i}].to`]" />
      </div>
      <ActionButton quiet @click="remove(i)">{{
        words.text('planPage.REMOVE', { name: n.name })
      }}</ActionButton>
    </fieldset>
    <ActionButton v-if="form.near.length < MOST_NEAR" @click="form.near.push(emptyNear())">
      {{ words.text('planPage.ADD_NEAR') }}
    </ActionButton>
    <p class="hint">{{ words.text('planPage.NEAR_SOLVED') }}</p>
  </FoldOut>

  <FoldOut class="card block" :title="words.text('planPage.ON_HAND')">
    <div class="two">
      <TextField
        v-model="form.rod"
        :name="words.text('planPage.RODS')"
        :placeholder="words.text('planPage.USUAL')"
        :wrong="wrong.rod"
      />
      <TextField
        v-model="form.wire"
        :name="words.text('planPage.WIRE')"
        :placeholder="words.text('planPage.USUAL')"
        :wrong="wrong.wire"
      />
      <TextField
        v-model="form.insulation"
        :name="words.text('planPage.INSULATION')"
        :placeholder="words.text('planPage.USUAL')"
        :wrong="wrong.insulation"
      />
      <TextField
        v-model="form.holes"
        :name="words.text('planPage.HOLES')"
        :placeholder="words.text('planPage.NO_HOLES')"
        :wrong="wrong.holes"
      />
    </div>
    <p class="hint">{{ words.text('planPage.WILL_BE_BOUGHT') }}</p>
  </FoldOut>
</template>

<style scoped>
details > * + * {
  margin-top: 10px;
}

.thing {
  border: 0;
  border-top: 1px solid var(--line);
  margin: 0;
  padding: 8px 0 0;
}
</style>
