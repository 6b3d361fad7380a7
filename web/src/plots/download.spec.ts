import { afterEach, describe, expect, it, vi } from 'vitest'
import { saveText, standAlone } from './download'

afterEach(() => {
  document.body.innerHTML = ''
  vi.restoreAllMocks()
})

describe('a picture as a file', () => {
  it('carries its styles with it', () => {
    document.body.innerHTML =
      '<style>.a { stroke: rgb(1, 2, 3); }</style><svg width="10" height="10"><path class="a" d="M0 0L1 1"/></svg>'
    const text = standAlone(document.querySelector('svg') as SVGSVGElement)
    expect(text).toContain('http://www.w3.org/2000/svg')
    expect(text).toContain('rgb(1, 2, 3)')
    // The page's own picture is left as it was.
    expect(document.querySelector('path')?.getAttribute('style')).toBeNull()
  })

  it('hands text over under its name', () => {
    const clicked: string[] = []
    URL.createObjectURL = () => 'blob:x'
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
      clicked.push(this.download)
    })
    saveText('a', 'roof.csv', 'text/csv')
    expect(clicked).toEqual(['roof.csv'])
  })
})
