// Contrast of every lettering of the field with what lies under it: its own halo, else the mark it stands on, else the
// grass. Answers what is under 4.5 (3 for 19 px and bold or more), as "word 3.2 on rgb(...)".
() => {
  const svg = document.querySelector('svg.field')
  const grass = [...document.querySelectorAll('.middle')].map((m) => getComputedStyle(m).backgroundColor)[0]
  const { channels, seen, contrast } = window.measure
  const over = (color, part, under) => {
    const [c, u] = [channels(color), channels(under)]
    return `rgb(${c.slice(0, 3).map((v, i) => Math.round(v * part + u[i] * (1 - part))).join(', ')})`
  }
  const under = (text) => {
    const style = getComputedStyle(text)
    const halo = parseFloat(style.strokeWidth) >= 3 && style.paintOrder.startsWith('stroke') && seen(style.stroke)
    if (halo) return style.stroke
    const box = text.getBoundingClientRect()
    const at = document.elementsFromPoint(box.x + box.width / 2, box.y + box.height / 2)
    const shapes = at.filter((e) => svg.contains(e) && e !== svg && !/^(text|tspan|g)$/.test(e.tagName)).reverse()
    return shapes.reduce((below, shape) => {
      const s = getComputedStyle(shape)
      return seen(s.fill) && !s.fill.startsWith('url')
        ? over(s.fill, parseFloat(s.fillOpacity) * parseFloat(s.opacity), below)
        : below
    }, grass)
  }
  return [...svg.querySelectorAll('text')].flatMap((text) =>
    (text.querySelector('tspan') ? [...text.querySelectorAll('tspan')] : [text]).flatMap((word) => {
      const style = getComputedStyle(word)
      // yard numbers are painted grass, as faint as paint is: they are read from the line of the snap
      if (!word.textContent.trim() || text.closest('.painted')) return []
      const least = parseFloat(style.fontSize) >= 18.66 && style.fontWeight >= 700 ? 3 : 4.5
      const found = contrast(over(style.fill, parseFloat(style.fillOpacity), under(text)), under(text))
      return found < least ? [`${word.textContent.trim()} ${found.toFixed(1)} on ${under(text)}`] : []
    }),
  )
}
