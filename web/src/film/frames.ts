/** Frame numbers and exact presentation times; the only place where one becomes the other. */

/** The frame on screen at a time: the last one whose presentation time has come. */
export function frameAt(seconds: number, times: readonly number[]): number {
  let low = 0
  let high = times.length - 1
  while (low < high) {
    const middle = Math.ceil((low + high) / 2)
    if (times[middle]! <= seconds + 1e-6) low = middle
    else high = middle - 1
  }
  return low
}

/** A time to seek to so that the frame is shown: the middle of its showing. */
export function seekTime(frame: number, times: readonly number[]): number {
  const at = times[clampFrame(frame, times)] ?? 0
  const next = times[clampFrame(frame, times) + 1] ?? at + (at - (times[clampFrame(frame, times) - 1] ?? at - 1 / 30))
  return (at + next) / 2
}

export function clampFrame(frame: number, times: readonly number[]): number {
  return Math.max(0, Math.min(times.length - 1, frame))
}

/** "0:01.24" of a frame. */
export function clock(frame: number, times: readonly number[]): string {
  const seconds = times[clampFrame(frame, times)] ?? 0
  return `${Math.floor(seconds / 60)}:${(seconds % 60).toFixed(2).padStart(5, '0')}`
}

/** The last frame of a play on its reel: as it is marked, else the one before the reel's next play begins. */
export function playEnd(
  play: { firstFrame: number; snapFrame: number; lastFrame?: number },
  cuts: readonly { reel: number; firstFrame: number }[],
  reel: number,
  times: readonly number[],
): number {
  const last = times.length - 1
  if (play.lastFrame !== undefined) return Math.min(play.lastFrame, last)
  const later = cuts.filter((c) => c.reel === reel && c.firstFrame > play.snapFrame).map((c) => c.firstFrame - 1)
  return Math.max(play.snapFrame, Math.min(last, ...later))
}
