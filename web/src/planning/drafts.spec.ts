import { beforeEach, describe, expect, it } from 'vitest'
import { keep } from '@/kept'
import {
  DRAFTS,
  isSomethingAside,
  keepTyped,
  keptCandidate,
  putAside,
  replaceTyped,
  swapAside,
} from './drafts'

beforeEach(() => localStorage.clear())

describe('what stands on the plan pages', () => {
  it('is put aside before something else takes its place, and comes back in exchange', () => {
    expect(isSomethingAside()).toBe(false)
    keep(DRAFTS.chosen, 'whip')
    putAside()
    keep(DRAFTS.chosen, 'dipole')
    expect(isSomethingAside()).toBe(true)
    swapAside()
    expect(keptCandidate(DRAFTS.chosen)).toBe('whip')
    swapAside()
    expect(keptCandidate(DRAFTS.chosen)).toBe('dipole')
  })

  it('is not written over any more by a page that still shows the plan before', () => {
    keepTyped(DRAFTS.chosen, 'whip')
    expect(keptCandidate(DRAFTS.chosen)).toBe('whip')
    replaceTyped()
    keep(DRAFTS.chosen, 'dipole')
    keepTyped(DRAFTS.chosen, 'whip')
    expect(keptCandidate(DRAFTS.chosen)).toBe('dipole')
  })
})
