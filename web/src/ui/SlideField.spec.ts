import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import SlideField from './SlideField.vue'

function slide(onSettled: (value: number) => void) {
  const page = mount(SlideField, {
    props: { modelValue: 0.44, name: 'The whip', low: 0.3, high: 0.5, step: 0.001, onSettled },
  })
  return { page, handle: page.find('[role=slider]') }
}

describe('a slide', () => {
  it('is told by its name, and goes to its ends by the keyboard', async () => {
    const settled: number[] = []
    const { handle } = slide((v) => settled.push(v))
    expect(handle.attributes('aria-label')).toBe('The whip')
    await handle.trigger('keydown', { key: 'Home' })
    await handle.trigger('keyup', { key: 'Home' })
    expect(settled).toEqual([0.3])
  })

  it('stands where the piece is once it is let go: what is cut does not grow', async () => {
    const { page, handle } = slide(() => undefined)
    await handle.trigger('keydown', { key: 'End' })
    expect(handle.attributes('aria-valuenow')).toBe('0.5')
    await handle.trigger('keyup', { key: 'End' })
    await nextTick()
    await nextTick()
    expect(page.find('[role=slider]').attributes('aria-valuenow')).toBe('0.44')
  })
})
