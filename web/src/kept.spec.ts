import * as v from 'valibot'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { keep, like, listLike, readKept, useKept } from './kept'

const usual = { name: 'A', count: 1, ways: [{ line: 'rg-58', on: true }] }

describe('what a browser keeps', () => {
  beforeEach(() => localStorage.clear())

  it('is completed from an older page, and what is of another type is as usual', () => {
    localStorage.setItem('k', '{"name":"B","count":"many","ways":[{"line":"foam-10"}],"old":1}')
    expect(readKept('k', like(usual))).toEqual({
      name: 'B',
      count: 1,
      ways: [{ line: 'foam-10', on: true }],
    })
  })

  it('is nothing where it is broken', () => {
    for (const broken of ['{', 'null', '"text"', '[1]']) {
      localStorage.setItem('k', broken)
      expect(readKept('k', v.object({ id: v.string() }))).toBeUndefined()
      expect(readKept('k', listLike('x')) ?? 'none').toEqual(broken === '[1]' ? ['x'] : 'none')
    }
    expect(readKept('nothing', like(usual))).toBeUndefined()
  })

  it('knows what an empty list holds', () => {
    localStorage.setItem('k', '{"near":[{"name":"post"}]}')
    const empty: { near: { name: string; along: string }[] } = { near: [] }
    const read = readKept('k', like(empty, { near: { name: '', along: '0' } }))
    expect(read).toEqual({ near: [{ name: 'post', along: '0' }] })
  })

  it('is written as it changes, and taken away', async () => {
    const kept = useKept('k', v.array(v.string()), [])
    expect(localStorage.getItem('k')).toBeNull()
    kept.value = ['a']
    await nextTick()
    expect(readKept('k', v.array(v.string()))).toEqual(['a'])
    keep('k', undefined)
    expect(localStorage.getItem('k')).toBeNull()
  })
})
