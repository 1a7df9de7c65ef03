// Controls whose ring, when the keys are on them, has less contrast than 3 with the paper under it, or none: "class words".
// One of each kind is looked at. A key was pressed before, so that focus is shown.
() => {
  const { seen, contrast } = window.measure
  const paper = (element) => {
    for (let at = element.parentElement; at; at = at.parentElement) {
      const color = getComputedStyle(at).backgroundColor
      if (seen(color)) return color
    }
    return 'rgb(255, 255, 255)'
  }
  const kind = (element) => `${element.tagName} ${element.getAttribute('class') ?? ''} ${element.parentElement?.className ?? ''}`
  const kinds = new Map()
  for (const one of document.querySelectorAll('button:enabled, a[href], input:enabled, summary, [tabindex]'))
    if (one.id !== 'work' && one.getClientRects().length && !kinds.has(kind(one))) kinds.set(kind(one), one)
  return [...kinds.values()].flatMap((one) => {
    one.focus({ preventScroll: true })
    // what was put off its place while the keys walked, and what gives them on, has no ring of its own
    if (document.activeElement !== one || !one.matches(':focus-visible')) return []
    // a field that is not seen is shown by its label
    const style = getComputedStyle((getComputedStyle(one).opacity === '0' && one.closest('label')) || one)
    const outline = style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) >= 2 ? [style.outlineColor] : []
    const shadow = style.boxShadow.match(/rgba?\([^)]*\)/g) ?? []
    const best = Math.max(0, ...[...outline, ...shadow].filter(seen).map((color) => contrast(color, paper(one))))
    return best < 3 ? [`${kind(one)} ${one.textContent.trim().slice(0, 30)} ${best.toFixed(1)}`] : []
  })
}
