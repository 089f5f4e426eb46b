import type { Range, Text } from '@codemirror/state'
import { Decoration, type DecorationSet, EditorView, ViewPlugin, type ViewUpdate, WidgetType } from '@codemirror/view'
import { blockIndexAt, isTouched, type PlacedBlock } from '../sync/reading'
import { asRead, readingField, type ReadingInEditor, setReading } from './reading-field'

const UNMARKED = 'marking.none'

/** Stands where something is missing: a finding without a stretch of its own. */
class MissingMark extends WidgetType {
  constructor(private readonly level: string) {
    super()
  }

  override eq(other: MissingMark): boolean {
    return other.level === this.level
  }

  override toDOM(): HTMLElement {
    const element = document.createElement('span')
    element.className = `source-missing is-${this.level}`
    return element
  }
}

const known = new Map<string, Decoration>()
function mark(name: string): Decoration {
  let decoration = known.get(name)
  if (!decoration) {
    decoration = Decoration.mark({ class: name })
    known.set(name, decoration)
  }
  return decoration
}

/** Colours and underlines of the blocks in sight, as the server read them; a block that is being typed in keeps what still fits. */
function decorations(view: EditorView): DecorationSet {
  const state = view.state.field(readingField)
  const ranges: Range<Decoration>[] = []
  for (const { from, to } of view.visibleRanges) {
    const { blocks } = state.reading
    const last = asRead(state, to)
    for (let index = Math.max(0, blockIndexAt(blocks, asRead(state, from))); index < blocks.length; index += 1) {
      const block = blocks[index] as PlacedBlock
      if (block.from > last) break
      ofBlock({ ...state, doc: view.state.doc }, block, ranges)
    }
  }
  return Decoration.set(ranges, true)
}

/** Line by line, without the blanks that indent it. */
function underline(doc: Text, from: number, to: number, decoration: Decoration, ranges: Range<Decoration>[]): void {
  for (let at = from; at < to;) {
    const line = doc.lineAt(at)
    const start = at + (at === line.from ? line.text.length - line.text.trimStart().length : 0)
    const end = Math.min(to, line.to)
    if (end > start) ranges.push(decoration.range(start, end))
    at = line.to + 1
  }
}

function ofBlock(state: ReadingInEditor & { doc: Text }, block: PlacedBlock, ranges: Range<Decoration>[]): void {
  const { since } = state
  const isStale = isTouched(since, block.from, block.to)
  for (const token of block.body.tokens) {
    const from = since.mapPos(block.from + token.from, 1)
    const to = since.mapPos(block.from + token.to, -1)
    if (to > from) ranges.push(mark(`source-${token.kind}`).range(from, to))
  }
  for (const finding of isStale ? [] : block.findings) {
    // A test that nobody marked yet would be one long row of red: its beads say so.
    if (finding.code === UNMARKED) continue
    const from = since.mapPos(block.from + finding.from, 1)
    const to = since.mapPos(block.from + finding.to, -1)
    if (to > from) {
      underline(state.doc, from, to, mark(`source-finding is-${finding.level}`), ranges)
    } else {
      ranges.push(Decoration.widget({ widget: new MissingMark(finding.level), side: 1 }).range(from))
    }
  }
}

export const highlighting = ViewPlugin.fromClass(
  class {
    decorations: DecorationSet

    constructor(view: EditorView) {
      this.decorations = decorations(view)
    }

    update(update: ViewUpdate): void {
      const isReread = update.transactions.some((one) => one.effects.some((effect) => effect.is(setReading)))
      if (isReread || update.docChanged || update.viewportChanged) this.decorations = decorations(update.view)
    }
  },
  { decorations: (plugin) => plugin.decorations },
)
