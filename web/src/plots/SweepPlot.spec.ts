import { mount } from '@vue/test-utils'
import { beforeAll, describe, expect, it, vi } from 'vitest'
import SweepPlot from './SweepPlot.vue'

beforeAll(() => {
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      disconnect() {}
    },
  )
})

const curve = { frequencyHz: [150e6, 155e6, 160e6], returnLossDb: [5, 20, 6] }
const traces = [
  { id: 'a', label: 'baseline', kind: 'earlier' as const, curve },
  { id: 'b', label: 'now', kind: 'now' as const, curve },
  { id: 'c', label: 'expected, −4 mm', kind: 'expected' as const, curve },
]
const pegs = [
  { name: 'Field', frequencyHz: 153e6, swr: 1.4, returnLossDb: 15, met: true, outside: false },
  { name: 'Ferry', frequencyHz: 159e6, swr: 2.6, returnLossDb: 7, met: false, outside: false },
  { name: 'Far', frequencyHz: 170e6, met: false, outside: true },
]
const plot = () =>
  mount(SweepPlot, { props: { traces, pegs, limit: { swr: 2, label: 'rule' }, caption: 'A sweep' } })

describe('SweepPlot', () => {
  it('draws every trace in its own manner with its name', () => {
    const picture = plot()
    expect(picture.findAll('path.trace').map((p) => p.classes()[1])).toEqual(['earlier', 'now', 'expected'])
    expect(picture.text()).toContain('expected, −4 mm')
  })

  it('has a span also where none of the curves is the newest', () => {
    const earlier = traces.filter((t) => t.kind === 'earlier')
    const picture = mount(SweepPlot, {
      props: { traces: earlier, pegs: [], limit: { swr: 2, label: 'rule' }, caption: 'A sweep' },
    })
    expect(picture.find('path.trace').attributes('d')).toMatch(/^M-?\d/)
    expect(picture.html()).not.toContain('NaN')
  })

  it('says met and missed by word and by shape', () => {
    const groups = plot().findAll('g.peg')
    expect(groups[0]?.text()).toBe('Field1.40 met')
    expect(groups[0]?.find('circle').exists()).toBe(true)
    expect(groups[1]?.text()).toBe('Ferry2.60 missed')
    expect(groups[1]?.find('path').exists()).toBe(true)
  })

  it('keeps the picture in place however many names there are', () => {
    const many = Array.from({ length: 9 }, (_, i) => ({
      name: `A channel with a long name ${i}`,
      frequencyHz: 153e6 + i * 1e5,
      swr: 1.2,
      returnLossDb: 20,
      met: true,
      outside: false,
    }))
    const picture = plot()
    return picture.setProps({ pegs: many }).then(() => {
      expect(picture.findAll('g.peg')).toHaveLength(9)
      expect(picture.findAll('.peg-name')).toHaveLength(3)
      expect(picture.find('.peg-name').text()).toBe('A channel with…')
    })
  })

  it('shows a channel that the sweep does not reach', () => {
    expect(plot().findAll('g.peg')[2]?.text()).toBe('Farnot swept')
  })
})
