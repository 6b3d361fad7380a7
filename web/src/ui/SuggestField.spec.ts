import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import SuggestField from './SuggestField.vue'

describe('a field that offers what is known', () => {
  const field = async () => {
    const mounted = mount(SuggestField, {
      props: {
        modelValue: '',
        name: 'Vehicle',
        known: ['Tractor 12', 'Tractor 17'],
        'onUpdate:modelValue': (v: string) => mounted.setProps({ modelValue: v }),
      },
      attachTo: document.body,
    })
    const input = mounted.get('input')
    ;(input.element as HTMLInputElement).focus()
    await input.trigger('focus')
    await input.setValue('Tractor 1')
    await nextTick()
    return { mounted, input }
  }

  it('keeps what was typed when Enter sends the form', async () => {
    const { mounted, input } = await field()
    await input.trigger('keydown', { key: 'Enter' })
    expect(mounted.props('modelValue')).toBe('Tractor 1')
    mounted.unmount()
  })

  it('takes what is offered once somebody went into the list', async () => {
    const { mounted, input } = await field()
    await input.trigger('keydown', { key: 'ArrowDown' })
    await input.trigger('keydown', { key: 'Enter' })
    await nextTick()
    expect(mounted.props('modelValue')).toMatch(/^Tractor 1[27]$/)
    expect(mounted.emitted('chosen')).toHaveLength(1)
    mounted.unmount()
  })
})
