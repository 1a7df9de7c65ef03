/** Styles that a drawing needs to stand alone, without the page's style sheets. */
const KEPT = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-opacity',
  'opacity',
  'font',
  'text-anchor',
  'paint-order',
  'letter-spacing',
  'display',
]

/** A drawing as text of its own: every style written on its element. */
export function standaloneSvg(
  svg: SVGSVGElement,
  styleOf: (element: Element) => CSSStyleDeclaration = getComputedStyle,
): string {
  const copy = svg.cloneNode(true) as SVGSVGElement
  const from = [svg, ...svg.querySelectorAll('*')]
  const to = [copy, ...copy.querySelectorAll('*')]
  from.forEach((element, i) => {
    const style = styleOf(element)
    const text = KEPT.map((name) => [name, style.getPropertyValue(name)])
      .filter(([, value]) => value)
      .map(([name, value]) => `${name}:${value}`)
      .join(';')
    to[i]!.setAttribute('style', text)
    to[i]!.removeAttribute('class')
  })
  const { width, height } = svg.viewBox.baseVal
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', String(width))
  copy.setAttribute('height', String(height))
  return new XMLSerializer().serializeToString(copy)
}

function save(blob: Blob, name: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(blob)
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}

export function saveSvg(svg: SVGSVGElement, name: string): void {
  save(new Blob([standaloneSvg(svg)], { type: 'image/svg+xml' }), `${name}.svg`)
}

/** The same at twice its size as a picture on white. */
export async function savePng(svg: SVGSVGElement, name: string): Promise<void> {
  const { width, height } = svg.viewBox.baseVal
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(standaloneSvg(svg))}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = width * 2
  canvas.height = height * 2
  const context = canvas.getContext('2d')!
  context.fillStyle = '#fff'
  context.fillRect(0, 0, canvas.width, canvas.height)
  context.drawImage(image, 0, 0, canvas.width, canvas.height)
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'))
  if (blob) save(blob, `${name}.png`)
}
