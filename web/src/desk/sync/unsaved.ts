/** What was typed and is not on the server yet: kept in this browser, so that no closed tab or dead server can lose it. */
export interface Unsaved {
  /** The hash of the text on the server that it builds on. */
  base: string
  /** The changes since, as the editor spells them. */
  changes: unknown
  /** The whole text, for the case that another stands on the server by now; null where there was no room for it. */
  text: string | null
}

export interface Claimed {
  work: Unsaved
  /** It is safe elsewhere, and need not be kept any more. */
  settle: () => void
}

const PREFIX = 'notagram.unsaved.'
const LOCK = 'notagram.tab.'

/** Keeps the unsaved work of one tab. Work whose tab is gone can be claimed by the next one that opens the sheet. */
export class UnsavedWork {
  private readonly key: string

  constructor(
    private readonly sheetId: string,
    private readonly tabId: string,
    private readonly storage: Storage = localStorage,
  ) {
    this.key = `${PREFIX}${sheetId}.${tabId}`
  }

  keep(work: Unsaved): void {
    if (!this.store(work)) this.store({ ...work, text: null })
  }

  private store(work: Unsaved): boolean {
    try {
      this.storage.setItem(this.key, JSON.stringify(work))
      return true
    } catch {
      return false
    }
  }

  clear(): void {
    this.storage.removeItem(this.key)
  }

  /** Work on this sheet that no living tab holds; it is this tab's from now on, and stays stored until it is settled. */
  async claim(): Promise<Claimed[]> {
    const held = new Set((await navigator.locks.query()).held?.map((lock) => lock.name))
    const found: Claimed[] = []
    for (const key of Object.keys(this.storage)) {
      if (!key.startsWith(`${PREFIX}${this.sheetId}.`) || key === this.key) continue
      if (held.has(LOCK + key.slice(key.lastIndexOf('.') + 1))) continue
      const value = this.storage.getItem(key)
      if (value === null) continue
      const mine = this.moved(key, value)
      found.push({ work: JSON.parse(value) as Unsaved, settle: () => this.storage.removeItem(mine) })
    }
    return found
  }

  /** Under a name of this tab's, so that no other tab takes it as well. */
  private moved(key: string, value: string): string {
    const mine = `${PREFIX}${this.sheetId}.${crypto.randomUUID()}.${this.tabId}`
    try {
      this.storage.setItem(mine, value)
    } catch {
      return key
    }
    this.storage.removeItem(key)
    return mine
  }

  /** Holds this tab's name for as long as it lives. */
  holdTab(): void {
    void navigator.locks.request(LOCK + this.tabId, () => new Promise(() => undefined))
  }
}
