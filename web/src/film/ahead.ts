/** Plays a span of frames where nobody sees it, and hands each over as it comes; `stop` ends it early. */
export interface Scout<F> {
  run: (from: number, to: number, seen: (frame: number, picture: F) => void, done: () => void) => void
  stop: () => void
}

/** So many frames are fetched at once, and kept on either side. */
const SPAN = 12
/** Fewer than so many left in the way he steps, and the next are fetched. */
const LOW = 5

/**
 * Pictures of the frames around the one that is shown, fetched while he steps from frame to frame, so that the next one is
 * there when he asks for it: to decode one by itself takes as long as all since the last picture that stands by itself.
 */
export class Ahead<F> {
  private readonly pictures = new Map<number, F>()
  private running: [number, number] | undefined
  private frame: number | undefined

  constructor(
    private readonly scout: Scout<F>,
    private readonly frames: number,
    private readonly close: (picture: F) => void,
    /** A picture has come. */
    private readonly come: (frame: number, picture: F) => void,
  ) {}

  at(frame: number): F | undefined {
    return this.pictures.get(frame)
  }

  /** A frame is shown now; what comes next in the same way is fetched when it was a step. */
  shown(frame: number): void {
    const by = this.frame === undefined ? 0 : frame - this.frame
    this.frame = frame
    if (Math.abs(by) !== 1) return
    this.forget(frame)
    const missing = this.missing(frame, by)
    if (missing === undefined || Math.abs(missing - frame) > LOW || this.fetching(missing)) return
    this.scout.stop()
    const last = Math.max(0, Math.min(this.frames - 1, missing + by * (SPAN - 1)))
    this.fetch(Math.min(missing, last), Math.max(missing, last))
  }

  /** Everything is let go, and nothing is fetched any more. */
  drop(): void {
    this.scout.stop()
    this.running = undefined
    this.frame = undefined
    this.pictures.forEach((picture) => this.close(picture))
    this.pictures.clear()
  }

  /** The first frame in his way of which there is no picture; none up to the film's end. */
  private missing(frame: number, by: number): number | undefined {
    for (let next = frame + by; next >= 0 && next < this.frames; next += by) if (!this.pictures.has(next)) return next
    return undefined
  }

  /** Whether it will be there sooner than a film that is sent there: behind him they come last. */
  soon(frame: number): boolean {
    return this.fetching(frame) && frame - this.running![0] < LOW
  }

  private fetching(frame: number): boolean {
    return this.running !== undefined && frame >= this.running[0] && frame <= this.running[1]
  }

  private fetch(from: number, to: number): void {
    const mine: [number, number] = [from, to]
    this.running = mine
    this.scout.run(
      from,
      to,
      (frame, picture) => {
        if (this.running !== mine || this.pictures.has(frame)) return this.close(picture)
        this.pictures.set(frame, picture)
        this.come(frame, picture)
      },
      () => {
        if (this.running === mine) this.running = undefined
      },
    )
  }

  private forget(frame: number): void {
    for (const [far, picture] of this.pictures) {
      if (Math.abs(far - frame) <= SPAN + LOW) continue
      this.close(picture)
      this.pictures.delete(far)
    }
  }
}
