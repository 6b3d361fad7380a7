import { describe, expect, it } from 'vitest'
import { parseSpotSpan } from './spotSpan'

const mhz = (text: string) => {
  const span = parseSpotSpan(text)
  return span.ok ? span.mhz : span.why
}

describe('readings over a band by one entry', () => {
  it('are a megahertz apart where nothing else is said', () => {
    expect(mhz('118 to 136')).toHaveLength(19)
    expect(mhz('118-136')).toEqual(mhz('118 to 136'))
    expect(mhz('118..120')).toEqual(['118', '119', '120'])
  })

  it('are as far apart as is said, and end where that ends', () => {
    expect(mhz('118 to 119 every 0.5')).toEqual(['118', '118.5', '119'])
    expect(mhz('26.965 – 27.405 / 0.11')).toEqual(['26.965', '27.075', '27.185', '27.295', '27.405'])
    expect(mhz('144-148 3')).toEqual(['144', '147'])
  })

  it('say what is wrong with what cannot be', () => {
    expect(mhz('all of it')).toBe('SPAN_SHAPE')
    expect(mhz('118 to 136 every 0')).toBe('SPAN_SHAPE')
    expect(mhz('136 to 118')).toBe('SPAN_ORDER')
    expect(mhz('118 to 136 every 0.1')).toBe('SPAN_MANY')
  })
})
