import { describe, expect, it } from 'vitest'
import { folderAddress, handOverAddress } from './handOver'

describe('the address of a hand-over sheet', () => {
  it('says language, unit and paper as the server knows them', () => {
    expect(handOverAddress('i1', { language: 'es', unit: 'mm' })).toBe(
      '/api/installations/i1/hand-over?format=A4&language=ES&unit=MM&isForShop=false',
    )
    const inches = handOverAddress('i1', { language: 'en', unit: 'inch', isForShop: true })
    expect(inches).toContain('format=LETTER')
    expect(inches).toContain('unit=IN')
    expect(inches).toContain('isForShop=true')
    expect(handOverAddress('i1', { language: 'en', unit: 'inch', format: 'A4' })).toContain('format=A4')
  })

  it('names a customer whatever letters they are written with', () => {
    const address = folderAddress('Peña & Söhne', { language: 'es', unit: 'mm' })
    expect(new URL(address, 'http://x').searchParams.get('customer')).toBe('Peña & Söhne')
  })
})
