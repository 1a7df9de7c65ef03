/*
 * What is wrong with the lettering of the field as it is drawn now: text on text, text on a man, text under 12 px.
 * Boxes are those of the letters: a line's own height without the room above and below them.
 */
() => {
  const SMALLEST = 12
  const TOUCH = 1
  const svg = document.querySelector('svg.field')
  const zoom = svg.getScreenCTM().a
  const letters = (el) => {
    const r = el.getBoundingClientRect()
    const size = parseFloat(getComputedStyle(el).fontSize) * zoom
    const middle = (r.top + r.bottom) / 2
    const scale = el.getCTM().a / svg.getCTM().a
    const half = (size * scale * 0.72) / 2
    return { text: el.textContent.trim(), size: size * scale, left: r.left, right: r.right, top: middle - half, bottom: middle + half }
  }
  const texts = [...svg.querySelectorAll('text')].map((el) => ({ ...letters(el), group: el.closest('g') }))
  const men = [...svg.querySelectorAll('.defender .body, [data-man] .offence')].map((el) => {
    const r = el.getBoundingClientRect()
    return { left: r.left, right: r.right, top: r.top, bottom: r.bottom, group: el.closest('g'), text: 'a man' }
  })
  const over = (a, b) =>
    a.left + TOUCH < b.right && b.left + TOUCH < a.right && a.top + TOUCH < b.bottom && b.top + TOUCH < a.bottom
  const wrong = []
  texts.forEach((a, i) => {
    if (a.size < SMALLEST - 0.01) wrong.push(`${a.text}: ${a.size.toFixed(1)} px`)
    texts.slice(i + 1).forEach((b) => over(a, b) && wrong.push(`${a.text} on ${b.text}`))
    men.forEach((m) => m.group !== a.group && over(a, m) && wrong.push(`${a.text} on a man of ${m.group.textContent.trim().slice(0, 20)}`))
  })
  const frames = [...svg.querySelectorAll('.frame.finding')].map((el) => el.getBoundingClientRect())
  frames.forEach((f) => men.forEach((m) => over(f, m) && wrong.push('a finding on a man')))
  return wrong
}
