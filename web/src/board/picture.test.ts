import { expect, it } from 'vitest'
import { standaloneSvg } from './picture'

it('a drawing stands alone: styles on the elements, classes gone, size from the view box', () => {
  document.body.innerHTML = '<svg viewBox="0 0 40 20" class="field"><line class="yard" x1="0" x2="9"/></svg>'
  const svg = document.querySelector('svg')!
  Object.defineProperty(svg, 'viewBox', { value: { baseVal: { width: 40, height: 20 } } })
  const text = standaloneSvg(
    svg,
    () => ({ getPropertyValue: (name: string) => (name === 'stroke' ? 'rgb(0, 0, 0)' : '') }) as CSSStyleDeclaration,
  )
  expect(text).toContain('stroke:rgb(0, 0, 0)')
  expect(text).toContain('width="40"')
  expect(text).not.toContain('class=')
})
