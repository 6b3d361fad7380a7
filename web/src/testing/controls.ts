import { flushPromises, type DOMWrapper, type VueWrapper } from '@vue/test-utils'
import { vi } from 'vitest'
import FileField from '@/ui/FileField.vue'
import MenuButton from '@/ui/MenuButton.vue'
import PickField from '@/ui/PickField.vue'
import SlideField from '@/ui/SlideField.vue'
import type { Option } from '@/ui/options'

/** Works a page's controls as a person would, without knowing how the library draws them. */

type Part = VueWrapper

const offers = (control: VueWrapper, value: unknown) =>
  (control.props() as { options: Option<unknown>[] }).options.some((o) => o.value === value)

function one<T>(found: T | undefined, what: string): T {
  if (!found) throw new Error(`The page has no ${what}.`)
  return found
}

/** The field that offers `value`, by its name where several do. */
export function fieldOffering(page: Part, value: unknown, name = ''): VueWrapper {
  const all = page.findAllComponents(PickField) as unknown as VueWrapper[]
  return one(
    all.find((f) => offers(f, value) && String((f.props() as { name: string }).name).includes(name)),
    `field that offers ${String(value)}`,
  )
}

export async function pick(page: Part, value: unknown, name = '') {
  fieldOffering(page, value, name).vm.$emit('update:modelValue', value)
  await flushPromises()
}

/** What a field has chosen now. */
export const chosenOf = (page: Part, value: unknown) =>
  (fieldOffering(page, value).props() as { modelValue: unknown }).modelValue

export async function fromMenu(page: Part, value: string) {
  const all = page.findAllComponents(MenuButton) as unknown as VueWrapper[]
  one(
    all.find((m) => offers(m, value)),
    `menu that offers ${value}`,
  ).vm.$emit('chosen', value)
  await flushPromises()
}

export async function giveFiles(page: Part, ...files: File[]) {
  await vi.dynamicImportSettled()
  await flushPromises()
  const field = page.findComponent(FileField)
  field.vm.$emit('files', files)
  await flushPromises()
}

export async function slideTo(page: Part, value: number, name = '') {
  const field = one(
    page.findAllComponents(SlideField).find((s) => s.props('name').includes(name)),
    `slide ${name}`,
  )
  field.vm.$emit('update:modelValue', value)
  field.vm.$emit('settled', value)
  await flushPromises()
}

export const boxes = (page: Part): DOMWrapper<Element>[] => page.findAll('[role=checkbox]')
export const isTicked = (box: DOMWrapper<Element> | undefined) => box?.attributes('aria-checked') === 'true'

export async function tick(page: Part, yes = true, nth = 0) {
  const box = one(boxes(page)[nth], `box ${nth}`)
  if (isTicked(box) !== yes) await box.trigger('click')
  await flushPromises()
}

/** The one of a few that reads `word`. */
export async function choose(page: Part, word: string) {
  const label = one(
    page.findAll('label').find((l) => l.text() === word),
    `choice ${word}`,
  )
  await label.find('input').setValue(true)
  await flushPromises()
}

/** The line of text under the label `name`, shown or only spoken. */
export function labelled(page: Part, name: string): DOMWrapper<Element> {
  const label = one(
    page.findAll('label').find((l) => l.text() === name),
    `field ${name}`,
  )
  return page.find(`[id="${label.attributes('for')}"]`)
}
