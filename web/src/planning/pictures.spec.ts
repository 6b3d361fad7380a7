import { said } from '@/testing/said'
import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import EdgeScale from '@/instrument/EdgeScale.vue'
import type { Need } from './choice'
import { freshVariant, NONE, type Radial } from './ground'
import GroundView from './GroundView.vue'
import RoofView from './RoofView.vue'
import type { StationAnswer } from './station/plan'
import WattsPicture from './station/WattsPicture.vue'

const need = (more: Partial<Need>): Need => ({
  carrier: 'VEHICLE',
  material: 'METAL',
  roofLengthM: 1.4,
  roofWidthM: 1.2,
  alongM: 0,
  acrossM: 0,
  mountHeightM: 1.9,
  clearanceM: 0,
  lowHz: 153e6,
  highHz: 159e6,
  limitSwr: 2,
  ...more,
})

describe('the surface from above', () => {
  it('lacks nothing about the middle of a large roof', () => {
    const picture = mount(RoofView, { props: { need: need({}) } })
    expect(picture.find('.roof').exists()).toBe(true)
    expect(picture.findAll('.gap')).toHaveLength(0)
  })
  it('shows the side on which the metal ends too soon', () => {
    const picture = mount(RoofView, { props: { need: need({ alongM: 0.5 }) } })
    // A quarter-wave at 156 MHz is 48 cm; 20 cm are left in front.
    expect(picture.findAll('.gap').map((g) => g.text())).toEqual(['−28 cm'])
  })
  it('shows what stands near, in its direction', () => {
    const post = { name: 'post', alongM: -0.5, acrossM: 0, fromM: 0, toM: 1, radiusM: 0.02 }
    const picture = mount(RoofView, { props: { need: need({ near: [post] }) } })
    const circle = picture.find('circle.near')
    expect(circle.attributes('cx')).toBe('150')
    expect(Number(circle.attributes('cy'))).toBeGreaterThan(150)
    expect(picture.text()).toContain('post')
  })
  it('lacks it all on plastic', () => {
    const picture = mount(RoofView, { props: { need: need({ material: 'PLASTIC' }) } })
    expect(picture.find('.roof').exists()).toBe(false)
    expect(picture.findAll('.gap').map((g) => g.text())).toEqual(Array(4).fill('−48 cm'))
  })
})

describe('the ground from above', () => {
  const variant = () => freshVariant('RADIALS', 0.57)
  const view = (v = variant()) => mount(GroundView, { props: { variant: v, quarterM: 0.588, slopeDeg: 15 } })

  it('has a grip at the end of each radial that arrows move', async () => {
    const picture = view()
    const grips = picture.findAll('.grip')
    expect(grips).toHaveLength(4)
    await grips[1]?.trigger('keydown', { key: 'ArrowDown' })
    await grips[1]?.trigger('keydown', { key: 'ArrowLeft' })
    await grips[1]?.trigger('keydown', { key: 'x' })
    const moves = picture.emitted<[number, Radial]>('drag') ?? []
    expect(moves.map(([index]) => index)).toEqual([1, 1])
    expect(moves[0]?.[1].lengthM).toBeCloseTo(0.56)
    expect(moves[1]?.[1].azimuthDeg).toBe(95)
  })
  it('draws a mesh by its openings and a sheet whole', () => {
    expect(view({ ...freshVariant('MESH', 0.6), openingM: 0.15 }).findAll('.wire')).toHaveLength(18)
    expect(view(freshVariant('SHEET', 0.6)).find('.sheet').exists()).toBe(true)
  })
  it('says what a bare tab lacks all round', () => {
    expect(
      view(NONE)
        .findAll('.gap')
        .map((g) => g.text()),
    ).toEqual(Array(8).fill('−53 cm'))
  })
})

describe('watts on their way', () => {
  const stage = (name: string, netW: number, forwardW: number) =>
    ({ name: said(name), netW, forwardW }) as unknown
  const way = {
    name: 'A',
    sentW: 50,
    erpW: 30,
    atAntennaW: 32,
    stages: [stage('line', 46, 50), stage('antenna', 32, 36)],
  } as unknown as StationAnswer['ways'][number]

  it('are a bar that ends where the radio sends, with every loss named that has room', () => {
    const picture = mount(WattsPicture, { props: { ways: [way] } })
    const pieces = picture.findAll('rect').map((r) => Number(r.attributes('width')))
    const [kept, line, back] = pieces
    expect(line && kept ? line / kept : 0).toBeCloseTo(14 / 32)
    expect(back && kept ? back / kept : 0).toBeCloseTo(4 / 32)
    expect(picture.text()).toContain('line 14.0 W')
    expect(picture.text()).toContain('30.0 W ERP')
  })
})

describe('a long scale', () => {
  it('says its reading to those who do not see it', () => {
    const marks = [{ at: 0, word: '0' }, { at: 0.5 }, { at: 1, word: '5' }]
    const scale = mount(EdgeScale, {
      props: { name: 'Watts', marks, needles: [{ at: 0.94, word: 'forward 4.70' }] },
    })
    expect(scale.attributes('aria-label')).toBe('Watts: forward 4.70')
    expect(scale.findAll('.mark')).toHaveLength(3)
    expect(scale.find('.reading').attributes('text-anchor')).toBe('end')
    const resting = mount(EdgeScale, { props: { name: 'Watts', marks, needles: [] } })
    expect(resting.attributes('aria-label')).toBe('Watts: no reading yet')
  })
})
