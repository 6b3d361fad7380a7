import { describe, expect, it } from 'vitest'
import { againstOld } from './oldAndNew'
import type { Pass } from './sentence'

const pass = (number: number, swr: (number | undefined)[], more: object = {}) =>
  ({
    number,
    oldAntenna: false,
    circumstances: [],
    verdict: {
      channels: swr.map((s, i) => ({ name: `c${i}`, reading: { frequencyHz: 150e6 + i * 1e6, swr: s } })),
    },
    ...more,
  }) as unknown as Pass

describe('the old antenna and the new one', () => {
  it('takes the newest of each, and the dB that the server worked out, as a gain', () => {
    const cost = {
      against: 'OLD_ANTENNA',
      worstDb: 0.2,
      channels: [
        { name: 'c0', db: -0.51 },
        { name: 'c1', db: 0.2 },
      ],
    }
    const all = [pass(1, [3, 1.2], { oldAntenna: true }), pass(2, [2, 2]), pass(3, [1.2, 1.5], { cost })]
    expect(againstOld(all)).toEqual({
      oldPass: 1,
      newPass: 3,
      rows: [
        { name: 'c0', frequencyHz: 150e6, oldSwr: 3, newSwr: 1.2, gainDb: 0.51 },
        { name: 'c1', frequencyHz: 151e6, oldSwr: 1.2, newSwr: 1.5, gainDb: -0.2 },
      ],
    })
  })

  it('says nothing of a channel on which one was not read, and nothing at all without both', () => {
    expect(againstOld([pass(1, [undefined], { oldAntenna: true }), pass(2, [1.4])])?.rows[0]).toMatchObject({
      oldSwr: undefined,
      newSwr: 1.4,
      gainDb: undefined,
    })
    expect(againstOld([pass(1, [2])])).toBeUndefined()
    expect(againstOld([pass(1, [2], { oldAntenna: true })])).toBeUndefined()
  })

  it('says where both were not read under the same circumstances', () => {
    const having = (...names: string[]) => ({ circumstances: names.map((name) => ({ name, words: name })) })
    const old = (more: object) => pass(1, [2], { oldAntenna: true, ...more })
    expect(
      againstOld([old(having('INDOORS')), pass(2, [1.4], having('INDOORS', 'DOOR_OPEN'))])?.otherwise,
    ).toMatchObject({ then: [], now: [{ name: 'DOOR_OPEN' }] })
    expect(againstOld([old(having('INDOORS')), pass(2, [1.4], having('INDOORS'))])?.otherwise).toBeUndefined()
  })
})
