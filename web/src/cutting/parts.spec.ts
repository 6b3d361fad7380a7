import { tick } from '@/testing/controls'
import { said } from '@/testing/said'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import InputFields from './InputFields.vue'
import SheetDrawing from './SheetDrawing.vue'
import SheetTables from './SheetTables.vue'
import StepList from './StepList.vue'
import { aLine, anInput, aSheet } from './testSheet'

beforeEach(() => {
  localStorage.clear()
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      disconnect() {}
    },
  )
})
const plugins = () => ({ global: { plugins: [createPinia()] } })

describe('the drawing', () => {
  it('says every dimension in both units, with its letter', () => {
    const page = mount(SheetDrawing, { props: { views: aSheet().views }, ...plugins() })
    expect(page.text()).toContain('A 456.6 mm')
    expect(page.text()).toContain('17 31/32 in')
    expect(page.find('svg').attributes('aria-label')).toContain('A 456.6 mm')
    expect(page.findAll('circle.feed')).toHaveLength(1)
    expect(page.find('text.number').text()).toBe('1')
    expect(page.text()).toContain('bare metal')
  })
})

describe('the tables', () => {
  it('show rule, solver and their difference', () => {
    const page = mount(SheetTables, { props: { sheet: aSheet() }, ...plugins() })
    const row = page.find('tbody tr').text()
    expect(row).toContain('454.3 mm')
    expect(row).toContain('456.6 mm')
    expect(row).toContain('+2.3 mm')
    expect(row).not.toContain('doubt')
    expect(page.text()).toContain('A note that was computed.')
    expect(page.text()).toContain(joined('460 mm (18 1/8 in)'))
  })

  it('ask why where both differ more than usual', () => {
    const sheet = aSheet({ lines: [aLine({ difference: -0.05 })] })
    const page = mount(SheetTables, { props: { sheet }, ...plugins() })
    expect(page.text()).toContain(joined('−11 %: more than the usual doubt'))
  })

  it('say which bar each piece comes from, and what is too short', () => {
    const plan = {
      stock: said('stainless rod'),
      bars: [{ lengthM: 1, cuts: [{ piece: 1, lengthM: 0.46, part: 1, parts: 1 }], leftM: 0.538 }],
      missing: [{ piece: 2, lengthM: 1.4, part: 1, parts: 1 }],
      wasteM: 0.54,
    }
    const page = mount(SheetTables, { props: { sheet: aSheet({ plan }) }, ...plugins() })
    expect(page.text()).toContain(joined('piece 1 to 460 mm; 538 mm left'))
    expect(page.find('[role=alert]').text()).toContain(joined('piece 2 to 1400 mm'))
  })

  it('name what is alike once, with how many of it several antennas take', () => {
    const cut = { piece: 1, lengthM: 0.3, part: 1, parts: 1 }
    const plan = {
      stock: said('stainless rod'),
      bars: [{ lengthM: 1, cuts: [cut, cut, cut], leftM: 0.1 }],
      missing: [],
      wasteM: 0.1,
    }
    const page = mount(SheetTables, { props: { sheet: aSheet({ plan }), antennas: 3 }, ...plugins() })
    expect(page.text()).toContain('for 3 antennas')
    expect(page.text()).toContain(joined('3 × piece 1 to 300 mm; 100 mm left'))
    expect(page.text()).toContain('3 × 1')
  })
})

describe('what is typed', () => {
  const inputs = [
    anInput({}),
    anInput({
      id: 'held',
      title: said('Held by'),
      options: [
        { id: 'screw', title: said('set screw') },
        { id: 'telescope', title: said('telescopic') },
      ],
    }),
    anInput({ id: 'depthM', title: said('Whip inside'), onlyInput: 'held', onlyOptions: ['screw'] }),
  ]
  const fields = (props = {}) =>
    mount(InputFields, {
      props: { inputs, numbers: {}, choices: {}, refused: undefined, ...props },
      ...plugins(),
    })

  it('is told in metres, whatever unit it was typed in', async () => {
    const page = fields()
    await page.find('input').setValue('1/8 in')
    expect(page.emitted('number')?.at(-1)).toEqual(['diameterM', 0.003175])
  })

  it('stays and says why where it can’t be used', async () => {
    const page = fields()
    await page.find('input').setValue('thick')
    expect(page.emitted('number')).toBeUndefined()
    expect(page.find('[role=alert]').text()).toContain('thick')
    expect(page.find('input').element.value).toBe('thick')
  })

  it('is refused at its field by the server', () => {
    const page = fields({ refused: { field: 'diameterM', why: 'from 0.2 mm to 38 mm' } })
    expect(page.find('[role=alert]').text()).toContain('from 0.2 mm to 38 mm')
  })

  it('is asked for only where it means something', () => {
    expect(fields().text()).toContain('Whip inside')
    expect(fields({ choices: { held: 'telescope' } }).text()).not.toContain('Whip inside')
  })
})

describe('the steps', () => {
  const steps = (cuts: { piece: number; lengthM: number }[] = [], done: string[] = []) =>
    mount(StepList, { props: { sheet: aSheet(), done, cuts }, ...plugins() })

  it('are ticked off, with their cautions', async () => {
    const page = steps()
    expect(page.text()).toContain('Eye protection and gloves: steel rod')
    await tick(page)
    expect(page.emitted('update:done')?.at(-1)).toEqual([['cut']])
    const ticked = steps([], ['cut'])
    await tick(ticked, false)
    expect(ticked.emitted('update:done')?.at(-1)).toEqual([[]])
  })

  it('take what was really cut and say what it means', async () => {
    const page = steps()
    await page.find('.real input').setValue('458 mm')
    expect(page.emitted('update:cuts')?.at(-1)).toEqual([[{ piece: 1, lengthM: 0.458 }]])
    expect(steps([{ piece: 1, lengthM: 0.458 }]).text()).toContain(joined('6 mm left to trim'))
    const short = steps([{ piece: 1, lengthM: 0.445 }])
    expect(short.find('.real .wrong').text()).toContain(joined('7 mm shorter than it should be'))
  })

  it('keep what is being typed while the solved sheet arrives', async () => {
    const page = steps()
    const field = page.find<HTMLInputElement>('.real input')
    field.element.value = '45'
    await field.trigger('input')
    await page.setProps({ sheet: { ...aSheet(), tools: [said('another saw')] } })
    expect(page.text()).toContain('another saw')
    expect(field.element.value).toBe('45')
  })

  it('keep what can’t be read where it was typed', async () => {
    const page = steps()
    await page.find('.real input').setValue('about half a metre')
    await flushPromises()
    expect(page.emitted('update:cuts')).toBeUndefined()
    expect(page.find('.real .wrong').text()).not.toBe('')
  })
})
