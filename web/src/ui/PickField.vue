<script setup lang="ts" generic="T extends string | number">
import { NSelect, type SelectOption } from 'naive-ui'
import { computed, nextTick, ref, useId, useTemplateRef, watch } from 'vue'
import FieldFrame from './FieldFrame.vue'
import type { Option } from './options'
import { reads } from './reads'
import { useTold } from './useTold'

/** One of a list; a long list is searched by typing. Options that name a `group` stand below its head. */
const props = defineProps<{
  modelValue?: T
  name: string
  options: Option<T>[]
  bare?: boolean
  hint?: string
  wrong?: string
  placeholder?: string
  disabled?: boolean
  clearable?: boolean
  /** The page finds the options itself, for what is typed. */
  isFound?: boolean
  loading?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: T]; cleared: []; search: [text: string] }>()

const SEARCHED_FROM = 9
const DRAWN_AS_SEEN_FROM = 60

const id = useId()
const open = ref(false)
const field = useTemplateRef('field')
const isSearched = computed(() => props.isFound || props.options.length >= SEARCHED_FROM)

const items = computed<SelectOption[]>(() => {
  const groups = [...new Set(props.options.map((o) => o.group))]
  return groups.flatMap((group): SelectOption[] => {
    const children = props.options
      .filter((o) => o.group === group)
      .map((o) => ({ value: o.value, label: o.word }))
    return group === undefined ? children : [{ type: 'group', key: group, label: group, children }]
  })
})

const isWanted = (text: string, option: SelectOption) => reads(String(option.label), text)

const optionId = (option: unknown) => `${id}-${encodeURIComponent(String(option))}`
/** The library tells assistive technology neither that this is a list to choose from, nor its name, nor what is chosen. */
const nodeProps = (option: SelectOption) =>
  option.type === 'group'
    ? {}
    : { id: optionId(option.value), role: 'option', 'aria-selected': option.value === props.modelValue }

const chosen = computed(() => props.options.find((o) => o.value === props.modelValue)?.word ?? '')
/** Where the list stands that the arrow keys move through. */
const pending = ref<string>()

useTold(
  field,
  ['input', '.n-base-selection-label'],
  computed(() => ({
    id,
    tabindex: props.disabled ? undefined : '0',
    role: 'combobox',
    'aria-labelledby': `${id}-name ${id}-value`,
    'aria-haspopup': 'listbox',
    'aria-expanded': String(open.value),
    'aria-controls': open.value ? `${id}-list` : undefined,
    'aria-activedescendant': open.value ? pending.value : undefined,
    'aria-invalid': props.wrong ? 'true' : undefined,
    'aria-describedby': props.wrong || props.hint ? `${id}-more` : undefined,
    'aria-disabled': props.disabled ? 'true' : undefined,
    // Another element takes the keyboard where the list becomes a searched one: it is told anew.
    'data-searched': String(isSearched.value),
  })),
)

function choose(chosenValue: T | null) {
  if (chosenValue === null) emit('cleared')
  else emit('update:modelValue', chosenValue)
}

defineExpose({ focus: () => field.value?.querySelector<HTMLElement>('[role=combobox]')?.focus() })

async function follow() {
  await nextTick()
  pending.value = document.getElementById(`${id}-list`)?.querySelector('.n-base-select-option--pending')?.id
}
// What was pending may be gone from a list that was searched.
watch(() => [props.options, open.value], follow, { flush: 'post' })
</script>

<template>
  <FieldFrame :id="id" :name="name" :bare="bare" :hint="hint" :wrong="wrong">
    <span :id="`${id}-value`" class="visually-hidden">{{ chosen }}</span>
    <div ref="field" :title="chosen" @keydown="follow">
      <NSelect
        v-model:show="open"
        :value="modelValue ?? null"
        :options="items"
        :filterable="isSearched"
        :filter="isWanted"
        :virtual-scroll="options.length >= DRAWN_AS_SEEN_FROM"
        :placeholder="placeholder ?? ''"
        :status="wrong ? 'error' : undefined"
        :disabled="disabled"
        :clearable="clearable"
        :fallback-option="false"
        :remote="isFound"
        :loading="loading"
        :consistent-menu-width="false"
        :menu-props="{ id: `${id}-list`, role: 'listbox', 'aria-label': name } as object"
        :node-props="nodeProps as never"
        @update:value="choose"
        @search="(text: string) => emit('search', text)"
      />
    </div>
  </FieldFrame>
</template>
