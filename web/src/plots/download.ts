import { plain } from '@/units/joined'

/** Hands a picture on the page to the person as a file of its own. */

/** What the style sheet gives to a shape; a file has no style sheet. */
const KEPT = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linejoin',
  'opacity',
  'font-size',
  'font-weight',
  'paint-order',
  'text-anchor',
  'display',
]

/** The picture as text that stands alone: styles written into it, on the colour of its card. */
export function standAlone(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement
  const from = [svg, ...svg.querySelectorAll('*')]
  const to = [copy, ...copy.querySelectorAll('*')]
  from.forEach((element, i) => {
    const style = getComputedStyle(element)
    const target = to[i]
    if (!(target instanceof SVGElement)) return
    for (const name of KEPT) {
      const value = style.getPropertyValue(name)
      if (value) target.style.setProperty(name, value)
    }
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('font-family', 'sans-serif')
  copy.style.background = getComputedStyle(document.documentElement).getPropertyValue('--card')
  return new XMLSerializer().serializeToString(copy)
}

export function saveText(text: string, name: string, type: string): void {
  saveBlob(new Blob([plain(text)], { type }), name)
}

export function saveBlob(blob: Blob, name: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(blob)
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
}

export const saveSvg = (svg: SVGSVGElement, name: string): void =>
  saveText(standAlone(svg), `${name}.svg`, 'image/svg+xml')

/** Twice as many pixels as on the screen, for a report. */
export async function savePng(svg: SVGSVGElement, name: string): Promise<void> {
  const width = svg.width.baseVal.value
  const height = svg.height.baseVal.value
  const image = new Image(width, height)
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(standAlone(svg))}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = width * 2
  canvas.height = height * 2
  const pen = canvas.getContext('2d')
  if (!pen) return
  pen.fillStyle = getComputedStyle(document.documentElement).getPropertyValue('--card')
  pen.fillRect(0, 0, canvas.width, canvas.height)
  pen.scale(2, 2)
  pen.drawImage(image, 0, 0, width, height)
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'))
  if (blob) saveBlob(blob, `${name}.png`)
}
