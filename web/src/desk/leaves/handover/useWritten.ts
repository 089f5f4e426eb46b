import { useDebounceFn } from '@vueuse/core'
import { onScopeDispose, readonly, type Ref, ref, shallowReadonly, shallowRef, watch } from 'vue'
import { api, Problem, type Written } from '@/api/client'
import type { SheetReading } from '../../sync/reading'

/** What is asked for: the target as the server knows it, and whether each block of it stands by itself. */
export interface WantedTarget {
  readonly name: string
  readonly isByBlock: boolean
}

/** What this needs of the desk. */
export interface WrittenSource {
  readonly reading: Readonly<Ref<SheetReading>>
  /** Which target new blocks come with as well. */
  setTarget(name: string | null): void
  /** Until what was typed has been read. */
  settled(): Promise<unknown>
}

/** Milliseconds without a change before a sheet that is written as a whole is asked for again. */
const PAUSE = 300

/**
 * Each block of the sheet as the target has it, by its key. It is asked for whole once; then each reading brings what is
 * new, unless a change of one block may change others.
 */
export function useWritten(desk: WrittenSource, sheetId: string, target: Readonly<Ref<WantedTarget | null>>) {
  const written = shallowRef<ReadonlyMap<string, Written>>(new Map())
  const problem = ref<string | null>(null)
  const file = shallowRef<{ name: string; size: number | null; isText: boolean } | null>(null)

  async function ask(): Promise<void> {
    const wanted = target.value
    if (!wanted) return
    desk.setTarget(wanted.isByBlock ? wanted.name : null)
    await desk.settled()
    try {
      const { digest, blocks, fileName: name, fileSize: size, isText } = await api.handover(sheetId, wanted.name)
      // Where something was typed meanwhile, its reading asks again.
      if (wanted !== target.value || digest !== desk.reading.value.digest) return
      written.value = new Map(blocks.map((one, index) => [desk.reading.value.blocks[index]?.key ?? '', one]))
      file.value = { name, size, isText }
      problem.value = null
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      if (wanted === target.value) problem.value = error.message
    }
  }
  const askSoon = useDebounceFn(ask, PAUSE)

  watch(target, ask, { immediate: true })
  watch(desk.reading, ({ blocks }, before) => {
    const ofEqual = new Map(before.blocks.map(({ id, key }) => [id, written.value.get(key)]))
    const next = new Map<string, Written>()
    for (const { key, id, body } of blocks) {
      const one = written.value.get(key) ?? body.written ?? ofEqual.get(id)
      if (one) next.set(key, one)
    }
    written.value = next
    if (!target.value?.isByBlock) void askSoon()
    else if (next.size < blocks.length) void ask()
  })
  onScopeDispose(() => desk.setTarget(null))

  return { written, file: shallowReadonly(file), problem: readonly(problem), again: ask }
}
