import { mount } from '@vue/test-utils'
import { NSelect } from 'naive-ui'
import { describe, expect, it } from 'vitest'
import { joined } from '@/units/joined'
import PickField from './PickField.vue'
import { reads } from './reads'

describe('what is looked for', () => {
  it('is found by parts of its words, in any case', () => {
    expect(reads('Calibrations · Measure', 'meas cal')).toBe(true)
    expect(reads('Calibrations · Measure', 'plan')).toBe(false)
    expect(reads('Inés, techo de acero', 'ines TECHÓ')).toBe(true)
  })

  it('is found the same way in a long list', () => {
    const words = [...Array.from({ length: 9 }, (_, n) => `Line ${n}`), joined('Low loss, 10 mm')]
    const pick = mount(PickField, {
      props: { name: 'Feedline', options: words.map((word, value) => ({ value, word })) },
    })
    const wanted = pick.getComponent(NSelect).props('filter')
    const found = words.filter((label) => wanted?.('10 mm low', { label }))
    expect(found).toEqual([joined('Low loss, 10 mm')])
  })
})
