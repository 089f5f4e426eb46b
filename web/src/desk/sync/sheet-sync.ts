import { ChangeSet, type Text } from '@codemirror/state'
import { type Body, type Edit, type Outlook, Problem, type Saved } from '@/api/client'
import { NOTHING_READ, type SheetReading, spliced, withBodies, withOutlook } from './reading'
import type { Unsaved } from './unsaved'

export type SaveState = 'saved' | 'typing' | 'saving' | 'offline' | 'conflict' | 'gone' | 'refused'

export interface Conflict {
  hash: string
  text: string
}

interface SaveBody {
  changeId: string
  base: string
  edits: Edit[]
  digest: string | null
  target: string | null
  isMendOfMany: boolean
}

export interface SyncDoors {
  save: (body: SaveBody) => Promise<Saved>
  /** The reading of the text on the server, after $pending was typed on top of it. */
  onReading: (reading: SheetReading, pending: ChangeSet) => void
  onState: (state: SaveState, message: string | null) => void
  onConflict: (conflict: Conflict) => void
  keep: (work: Omit<Unsaved, 'text'> | null) => void
}

const PAUSE_AFTER_A_KEY = 40
/** After the first failure; twice as long after each further one, so that a server in trouble is not pressed. */
const PAUSE_BEFORE_A_TRY = 1_500
const LONGEST_PAUSE = 30_000
const LONGEST_WAIT = 3_000
/** What goes first is asked for within a blink, or not waited for. */
const LONGEST_HOLD = 200

/** Changes as they travel. */
export function editsOf(changes: ChangeSet): Edit[] {
  const edits: Edit[] = []
  changes.iterChanges((from, to, _newFrom, _newTo, inserted: Text) => {
    // Half a surrogate pair cannot travel; it was no character to begin with.
    edits.push({ from, to, text: inserted.toString().toWellFormed() })
  }, true)
  return edits
}

/**
 * Carries what is typed to the server, and brings back what became of it.
 *
 * One request is under way at a time; what is typed meanwhile waits and is composed. A request that may have arrived is
 * sent again under its own name until it is answered, so that nothing is applied twice and nothing is lost.
 */
export class SheetSync {
  reading: SheetReading = NOTHING_READ
  /** Which notation new blocks are written in as well. */
  target: string | null = null

  private sent: { changes: ChangeSet; body: SaveBody } | null = null
  private waiting: ChangeSet
  private timer: ReturnType<typeof setTimeout> | null = null
  private isMendOfMany = false
  private isStopped = false
  /** How often in a row the server did not take what was sent. */
  private failures = 0

  constructor(
    private readonly doors: SyncDoors,
    length: number,
  ) {
    this.waiting = ChangeSet.empty(length)
  }

  /** Starts from what the server has. */
  begin(reading: SheetReading, length: number): void {
    this.reading = reading
    this.sent = null
    this.isStopped = false
    this.waiting = ChangeSet.empty(length)
    this.doors.keep(null)
    this.doors.onReading(reading, this.waiting)
    this.doors.onState('saved', null)
    this.letGoOn()
  }

  /** What all questions together show; left aside if the text has moved on. */
  see(outlook: Outlook): void {
    if (outlook.hash !== this.reading.hash) return
    this.reading = withOutlook(this.reading, outlook)
    this.doors.onReading(this.reading, this.pending)
  }

  /** More of the reading: each body is of a text, whatever was typed elsewhere meanwhile. */
  add(bodies: readonly Body[]): void {
    this.reading = withBodies(this.reading, bodies)
    this.doors.onReading(this.reading, this.pending)
  }

  typed(changes: ChangeSet, isMendOfMany = false): void {
    this.waiting = this.waiting.compose(changes)
    this.isMendOfMany ||= isMendOfMany
    this.keep()
    if (this.isStopped) return
    if (!this.sent) this.doors.onState('typing', null)
    this.schedule(PAUSE_AFTER_A_KEY)
  }

  /** Everything that the server does not have yet, on top of the text it has. */
  get pending(): ChangeSet {
    return this.sent ? this.sent.changes.compose(this.waiting) : this.waiting
  }

  get isSettled(): boolean {
    return !this.sent && this.waiting.empty
  }

  /**
   * Sends at once what waits, until the server has it all; or until there is trouble with it, which is shown elsewhere.
   * A request that hangs is waited for a few seconds.
   */
  whenSettled(): Promise<void> {
    if (this.isSettled || this.isStopped || this.failures > 0) return Promise.resolve()
    this.nudge()
    return new Promise((resolve) => {
      const timer = setTimeout(done, LONGEST_WAIT)
      const waiting = this.settling
      function done(): void {
        clearTimeout(timer)
        waiting.delete(done)
        resolve()
      }
      waiting.add(done)
    })
  }

  private readonly settling = new Set<() => void>()

  /** Lets those go on that wait until all is saved, if it is, or cannot be for now. */
  private letGoOn(): void {
    if (this.isSettled || this.isStopped || this.failures > 0) for (const done of [...this.settling]) done()
    else if (this.settling.size) this.nudge()
  }

  /** Sends at once what waits; a server in trouble is left its pause. */
  nudge(): void {
    if (this.isStopped || this.isSettled || this.failures > 0) return
    this.sendNow()
  }

  /** Tries at once, for instance when the network is back. */
  retry(): void {
    if (this.isStopped || this.isSettled) return
    this.failures = 0
    this.sendNow()
  }

  private sendNow(): void {
    this.goingFirst = null
    if (this.timer) clearTimeout(this.timer)
    this.timer = null
    void this.send()
  }

  /** Goes on after the sheet was put back, or the cause of a refusal was mended. */
  resume(): void {
    this.isStopped = false
    this.retry()
  }

  private keep(): void {
    const { pending } = this
    this.doors.keep(pending.empty ? null : { base: this.reading.hash, changes: pending.toJSON() as unknown })
  }

  /**
   * Lets something go first that somebody waits for; what is typed meanwhile waits a moment longer, but never for an answer
   * that does not come, and never while the server is in trouble.
   */
  letFirst(first: Promise<unknown>): void {
    if (this.failures > 0 || this.isUnderWay || this.isStopped) return
    if (this.timer) clearTimeout(this.timer)
    this.timer = null
    this.goingFirst = first
    const goOn = () => {
      if (this.goingFirst !== first) return
      this.goingFirst = null
      if (!this.isSettled) this.schedule(0)
    }
    first.then(goOn, goOn)
    setTimeout(goOn, LONGEST_HOLD)
  }

  private goingFirst: Promise<unknown> | null = null

  private schedule(pause: number): void {
    if (this.timer || this.isUnderWay || this.goingFirst) return
    this.timer = setTimeout(() => {
      this.timer = null
      void this.send()
    }, pause)
  }

  private isUnderWay = false

  private async send(): Promise<void> {
    if (this.isUnderWay || this.isStopped) return
    if (!this.sent) {
      if (this.waiting.empty) return
      this.sent = { changes: this.waiting, body: this.bodyOf(this.waiting) }
      this.waiting = ChangeSet.empty(this.waiting.newLength)
      this.isMendOfMany = false
    }
    this.isUnderWay = true
    // What is wrong stays on the screen while it is tried again.
    if (this.failures === 0) this.doors.onState('saving', null)
    try {
      const answer = await this.doors.save(this.sent.body)
      this.isUnderWay = false
      this.answered(answer)
    } catch (error) {
      this.isUnderWay = false
      this.failed(error)
    }
    this.letGoOn()
  }

  private bodyOf(changes: ChangeSet): SaveBody {
    return {
      changeId: crypto.randomUUID(),
      base: this.reading.hash,
      edits: editsOf(changes),
      digest: this.reading.digest,
      target: this.target,
      isMendOfMany: this.isMendOfMany,
    }
  }

  private answered(answer: Saved): void {
    this.reading = spliced(this.reading, answer.reading)
    this.sent = null
    this.failures = 0
    this.keep()
    this.doors.onReading(this.reading, this.waiting)
    if (this.waiting.empty) {
      this.doors.onState('saved', null)
    } else {
      this.doors.onState('typing', null)
      this.schedule(0)
    }
  }

  private failed(error: unknown): void {
    if (!(error instanceof Problem)) throw error
    const conflict = error.status === 409 ? (error.body as Conflict) : null
    if (conflict && conflict.hash !== this.reading.hash) {
      this.isStopped = true
      this.doors.onState('conflict', error.message)
      this.doors.onConflict(conflict)
    } else if (error.status === 404) {
      this.isStopped = true
      this.doors.onState('gone', error.message)
    } else if (conflict || error.status === 0 || error.status >= 500) {
      this.doors.onState('offline', error.message)
      this.schedule(Math.min(LONGEST_PAUSE, PAUSE_BEFORE_A_TRY * 2 ** this.failures))
      this.failures += 1
    } else {
      this.isStopped = true
      this.doors.onState('refused', error.message)
    }
  }
}
