import { StateEffect, StateField } from '@codemirror/state'
import { Decoration, type DecorationSet, EditorView } from '@codemirror/view'

/** Lights lines, from 1, until others are. */
export const light = StateEffect.define<readonly number[]>()

const lit = Decoration.line({ class: 'source-lit' })

export const litLines = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(lines, { changes, effects, state }) {
    const asked = effects.find((effect) => effect.is(light))
    if (!asked) return lines.map(changes)
    const there = (asked.value as readonly number[]).filter((line) => line >= 1 && line <= state.doc.lines)
    return Decoration.set(
      there.map((line) => lit.range(state.doc.line(line).from)),
      true,
    )
  },
  provide: (field) => EditorView.decorations.from(field),
})
