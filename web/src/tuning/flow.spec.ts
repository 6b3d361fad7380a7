import { describe, expect, it } from 'vitest'
import { nextField } from './flow'

const table = document.createElement('table')
table.innerHTML =
  '<tr><th>SWR</th></tr>' +
  '<tr><td><input id="low-f"><input id="low-r"></td></tr>' +
  '<tr><td>What is wrong</td></tr>' +
  '<tr><td><input id="high-f"><input id="high-r"></td></tr>' +
  '<tr><td><input id="mhz" placeholder="MHz"><input id="more-f"><input id="more-r"></td></tr>' +
  '<tr><td><input id="there" placeholder="MHz" value="119"><input id="there-f"><input id="there-r"></td></tr>'

describe('fields of a table of readings', () => {
  it.each([
    ['low-f', 'Enter', 'low-r'],
    ['low-r', 'Enter', 'high-f'],
    ['low-r', 'ArrowDown', 'high-r'],
    ['high-f', 'ArrowDown', 'more-f'],
    ['more-r', 'ArrowUp', 'high-r'],
    ['mhz', 'ArrowUp', 'high-f'],
    ['high-r', 'Enter', 'mhz'],
    ['more-r', 'Enter', 'there-f'],
    ['there-r', 'Enter', undefined],
    ['low-f', 'ArrowUp', undefined],
  ])('%s by %s is followed by %s', (from, key, next) => {
    const field = table.querySelector<HTMLInputElement>(`#${from}`) as HTMLInputElement
    expect(nextField(table, field, key)?.id).toBe(next)
  })
})
