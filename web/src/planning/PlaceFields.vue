<script setup lang="ts">
import FoldOut from '@/ui/FoldOut.vue'
import PickField from '@/ui/PickField.vue'
import { optionsOf } from '@/ui/options'
import ActionButton from '@/ui/ActionButton.vue'
import ChoiceField from '@/ui/ChoiceField.vue'
import TextField from '@/ui/TextField.vue'
import { emptyNear, MATERIALS, stands, TARGETS, type Need, type NeedForm } from './choice'
import RoofView from './RoofView.vue'

/** Where it stands, what is near, what it must reach and what it is made of. */
const form = defineModel<NeedForm>({ required: true })
defineProps<{ need: Need | undefined; wrong: Record<string, string> }>()

const MOST_NEAR = 8
const materials = (Object.keys(MATERIALS) as Need['material'][])
  .filter((m) => m !== 'NONE')
  .map((value) => ({ value, word: MATERIALS[value] }))

function remove(index: number) {
  form.value.near = form.value.near.filter((_, i) => i !== index)
}
</script>

<template>
  <section class="card block">
    <h2>What it must reach</h2>
    <PickField v-model="form.target" name="Reach" :options="optionsOf(TARGETS)" />
    <ChoiceField
      v-if="form.target !== 'SKIP'"
      v-model="form.polarisation"
      name="Polarisation, as the other station's"
      :options="[
        { value: 'VERTICAL', word: 'Vertical' },
        { value: 'HORIZONTAL', word: 'Horizontal' },
      ]"
    />
    <TextField
      v-if="form.target === 'ONE_STATION'"
      v-model="form.bearing"
      name="Direction from true north, °"
      :wrong="wrong.bearing"
    />
  </section>

  <section v-if="stands(form.carrier)" class="card block">
    <ChoiceField v-model="form.material" name="Surface at the mount" :options="materials" />
    <div v-if="form.material === 'METAL'" class="two">
      <TextField v-model="form.roofLength" name="Length, forward" :wrong="wrong.roofLength" />
      <TextField v-model="form.roofWidth" name="Width" :wrong="wrong.roofWidth" />
      <TextField v-model="form.along" name="Mount forward of middle" :wrong="wrong.along" />
      <TextField v-model="form.across" name="Mount left of middle" :wrong="wrong.across" />
    </div>
    <RoofView v-if="need" :need="need" />
    <p class="hint">
      From above. Dashed: a quarter-wave about the mount; red: what the metal lacks of it. No metal at all?
      See
      <RouterLink to="/plan/ground">Ground plane</RouterLink>.
    </p>
  </section>

  <section v-if="form.carrier === 'INDOOR'" class="card block">
    <h2>The room or attic</h2>
    <div class="two">
      <TextField v-model="form.roomLength" name="Length, 0 = open" :wrong="wrong.roomLength" />
      <TextField v-model="form.roomHeight" name="Height under the ridge" :wrong="wrong.roomHeight" />
    </div>
    <p class="hint">Hang it a hand's breadth off walls, wires and rafters with metal in them.</p>
  </section>

  <FoldOut
    v-if="form.carrier !== 'HANDHELD'"
    class="card block"
    :title="`What stands near (${form.near.length || 'nothing'})`"
  >
    <fieldset v-for="(n, i) in form.near" :key="i" class="thing">
      <legend class="visually-hidden">Thing {{ i + 1 }}</legend>
      <div class="two">
        <TextField v-model="n.name" name="What" />
        <TextField v-model="n.thick" name="As thick as" :wrong="wrong[`near[${i}].thick`]" />
        <TextField v-model="n.along" name="Forward of mount" :wrong="wrong[`near[${i}].along`]" />
        <TextField v-model="n.across" name="Left of mount" :wrong="wrong[`near[${i}].across`]" />
        <TextField v-model="n.from" name="From, above mount" :wrong="wrong[`near[${i}].from`]" />
        <TextField v-model="n.to" name="To, above mount" :wrong="wrong[`near[${i}].to`]" />
      </div>
      <ActionButton quiet @click="remove(i)">Remove {{ n.name }}</ActionButton>
    </fieldset>
    <ActionButton v-if="form.near.length < MOST_NEAR" @click="form.near.push(emptyNear())">
      Add a post, rack, mast or other whip
    </ActionButton>
    <p class="hint">Solved as an upright conductor, joined to the metal where it stands on it.</p>
  </FoldOut>

  <FoldOut class="card block" title="Material on hand">
    <div class="two">
      <TextField v-model="form.rod" name="Rods, thickness" placeholder="usual" :wrong="wrong.rod" />
      <TextField v-model="form.wire" name="Wire, thickness" placeholder="usual" :wrong="wrong.wire" />
      <TextField
        v-model="form.insulation"
        name="its insulation"
        placeholder="usual"
        :wrong="wrong.insulation"
      />
      <TextField v-model="form.holes" name="Boom, hole to hole" placeholder="no holes" :wrong="wrong.holes" />
    </div>
    <p class="hint">Empty: what is usual will be bought.</p>
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
