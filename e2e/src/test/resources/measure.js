// Arithmetic of colours for the measuring scripts: window.measure.
() => {
  const channels = (color) => (color.match(/[\d.]+/g) ?? []).map(Number)
  const seen = (color) => Boolean(color) && color !== 'none' && channels(color).length >= 3 && channels(color)[3] !== 0
  const light = (color) => {
    const [r, g, b] = channels(color).map((c) => {
      const s = c / 255
      return s <= 0.03928 ? s / 12.92 : ((s + 0.055) / 1.055) ** 2.4
    })
    return 0.2126 * r + 0.7152 * g + 0.0722 * b
  }
  const contrast = (a, b) => {
    const [high, low] = [light(a), light(b)].sort((x, y) => y - x)
    return (high + 0.05) / (low + 0.05)
  }
  window.measure = { channels, seen, contrast }
}
