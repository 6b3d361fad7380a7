import { describe, expect, it } from 'vitest'
import en from '@words/en.json'
import { router } from '@/router'
import { pagesFor, placeOf, PLACES } from './places'

const pages = PLACES.flatMap((p) => p.pages)

describe('the places', () => {
  it('are reached: each page has a route of its own and its words', () => {
    for (const page of pages) {
      expect(router.resolve(page.path).matched[0]?.path).toBe(page.path)
      expect(Object.keys(en.shell.page)).toContain(page.id)
    }
    for (const place of PLACES) expect(Object.keys(en.shell.place)).toContain(place.id)
  })

  it('know where an address lies', () => {
    expect(placeOf('/installations/7/edit')?.place.id).toBe('JOBS')
    expect(placeOf('/installations/new')?.page.id).toBe('NEW')
    expect(placeOf('/live/meters')?.page.id).toBe('METERS')
    expect(placeOf('/me')).toBeUndefined()
  })

  it('offer a viewer nothing that only others may do', () => {
    const jobs = PLACES[0]
    expect(jobs && pagesFor(jobs, true).map((p) => p.id)).toEqual(['BOARD', 'DUE'])
    expect(jobs && pagesFor(jobs, false).map((p) => p.id)).toEqual(['BOARD', 'NEW', 'DUE'])
  })
})
