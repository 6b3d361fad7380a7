import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, nextTick, useTemplateRef } from 'vue'
import { useFormFocus } from './useFormFocus'

const Opening = defineComponent({
  props: { isOpen: Boolean },
  setup() {
    useFormFocus(useTemplateRef<HTMLElement>('form'))
    return {}
  },
  template:
    '<div><button id="opener">Open</button><form v-if="isOpen" ref="form"><input id="note"><div class="first-field"><input id="amount"></div></form></div>',
})

const pointer = (kind: 'fine' | 'coarse') =>
  vi.stubGlobal('matchMedia', (query: string) => ({ matches: query.includes(kind) }))

describe('a form that opens', () => {
  beforeEach(() => pointer('fine'))
  afterEach(() => vi.unstubAllGlobals())

  const opened = async () => {
    const page = mount(Opening, { attachTo: document.body, props: { isOpen: false } })
    page.find<HTMLElement>('#opener').element.focus()
    await page.setProps({ isOpen: true })
    await nextTick()
    return page
  }

  it('takes the keyboard to its first field and gives it back when it is gone', async () => {
    const page = await opened()
    expect(document.activeElement?.id).toBe('amount')
    await page.setProps({ isOpen: false })
    await nextTick()
    expect(document.activeElement?.id).toBe('opener')
    page.unmount()
  })

  it('sends nothing by a key that was held down before', async () => {
    const page = await opened()
    const press = (repeat: boolean) => {
      const event = new KeyboardEvent('keydown', { key: 'Enter', repeat, bubbles: true, cancelable: true })
      page.find('#amount').element.dispatchEvent(event)
      return event.defaultPrevented
    }
    expect(press(true)).toBe(true)
    expect(press(false)).toBe(false)
    page.unmount()
  })

  it('leaves a finger alone: nobody wants the keyboard of the screen before asking for it', async () => {
    pointer('coarse')
    const page = await opened()
    expect(document.activeElement?.id).toBe('opener')
    page.unmount()
  })
})
