import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, ref, shallowRef } from 'vue'
import { Problem } from '@/api/client'
import { NOTHING_READ, spliced } from '@/desk/sync/reading'
import type { Conflict, SaveState } from '@/desk/sync/sheet-sync'
import type { Claimed } from '@/desk/sync/unsaved'
import { useSheetFile } from '@/desk/useSheetFile'
import { plugins } from './plugins'
import { answer, body, finding, sheet } from './samples'

const api = vi.hoisted(() => ({ sheet: vi.fn(), change: vi.fn(), createBeside: vi.fn(), putBack: vi.fn() }))
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api }))
const said = vi.hoisted(() => vi.fn())
vi.mock('@/composables/useNotice', async () => {
  const { Problem: Refused } = await vi.importActual<typeof import('@/api/client')>('@/api/client')
  const asked = (call: () => Promise<unknown>) =>
    call().catch((error: unknown) => {
      if (!(error instanceof Refused)) throw error
      return null
    })
  return { useNotice: () => ({ say: said, asked }) }
})

const changes = [3, [0, 'x']]

function desk(claims: Claimed[] = []) {
  const here = { text: 'abc', isSettled: true, hash: 'h1' }
  const source = {
    open: vi.fn<(parent: HTMLElement, text: string, title: string) => void>(),
    text: () => here.text,
    length: () => here.text.length,
    apply: vi.fn(),
    replaceAll: vi.fn<(text: string) => void>(),
    typeAgain: vi.fn(),
    setFromServer: vi.fn<(text: string) => void>(),
    undo: () => true,
  }
  const saving = {
    begin: vi.fn(),
    claimUnsaved: () => Promise.resolve(claims),
    isSettled: () => here.isSettled,
    hash: () => here.hash,
    conflict: shallowRef<Conflict | null>(null),
    clearConflict: () => (saving.conflict.value = null),
    saveState: ref<SaveState>('saved'),
    tryAgain: vi.fn<() => void>(),
  }
  const lookAround = vi.fn<() => void>()
  let file!: ReturnType<typeof useSheetFile>
  mount(
    defineComponent(() => {
      file = useSheetFile('s1', {
        source,
        saving,
        edits: { settled: () => Promise.resolve() },
        places: { rangeNow: () => ({ from: 2, to: 3 }) },
        lookAround,
      })
      return () => h('i')
    }),
    { global: { plugins: plugins() } },
  )
  return { file, source, saving, here, lookAround, open: () => file.open(document.body) }
}

const claim = (base: string, text: string | null): Claimed => ({
  work: { base, changes, text },
  settle: vi.fn<() => void>(),
})

describe('a sheet on the desk', () => {
  beforeEach(() => {
    said.mockReset()
    for (const call of Object.values(api)) call.mockReset()
    api.sheet.mockResolvedValue(sheet({ text: 'abc', reading: answer([], []) }))
    api.createBeside.mockResolvedValue({ id: 's2', title: 'Swarms (typed here)', needsTidying: false })
  })

  it('is opened with its text and its reading, or says why it cannot be', async () => {
    const { file, source, saving, open } = desk()
    await open()
    expect(source.open).toHaveBeenCalledExactlyOnceWith(document.body, 'abc', 'Swarms')
    expect(saving.begin).toHaveBeenCalledOnce()
    expect(file.sheet.value?.title).toBe('Swarms')

    api.sheet.mockRejectedValue(new Problem(404, 'This sheet is no longer on the shelf.'))
    const gone = desk()
    await gone.open()
    expect(gone.file.problem.value).toBe('This sheet is no longer on the shelf.')
    expect(gone.source.open).not.toHaveBeenCalled()
  })

  it('keeps what was saved while a setting was on its way', async () => {
    const { file, source, here, open } = desk()
    await open()
    // The setting was answered before the mark came, and its answer arrives after it.
    api.change.mockImplementation(() => {
      here.hash = 'h2'
      return Promise.resolve(sheet({ text: 'abc', awaitsTidying: false, reading: answer([], []) }))
    })
    api.sheet.mockResolvedValue(sheet({ text: '*abc', reading: answer([], [], { hash: 'h2' }) }))
    expect(await file.change({ awaitsTidying: false })).toBe(true)
    expect(source.setFromServer).toHaveBeenCalledExactlyOnceWith('*abc')
  })

  it('gets back what a closed tab left, on the text that it was typed on', async () => {
    const left = claim('h1', 'xabc')
    const { source, open } = desk([left])
    await open()
    expect(source.typeAgain).toHaveBeenCalledOnce()
    expect(said).toHaveBeenLastCalledWith('We restored what you typed before it could be saved.')
    expect(left.settle).toHaveBeenCalledOnce()
  })

  it('keeps it as a sheet of its own where the text is another by now, and for later where that fails', async () => {
    const left = claim('old', 'xabc')
    const { source, open } = desk([left])
    await open()
    expect(source.typeAgain).not.toHaveBeenCalled()
    expect(api.createBeside).toHaveBeenCalledExactlyOnceWith('s1', 'Swarms (typed here)', 'xabc', 'gift')
    expect(left.settle).toHaveBeenCalledOnce()

    api.createBeside.mockRejectedValue(new Problem(0, 'The server does not answer.'))
    const later = claim('old', 'xabc')
    await desk([later]).open()
    expect(later.settle).not.toHaveBeenCalled()
  })

  it('is set in another way and read anew, unless something is typed meanwhile', async () => {
    const { file, source, saving, here, lookAround, open } = desk()
    await open()
    api.change.mockResolvedValue(sheet({ notation: 'aiken', text: 'new' }))
    expect(await file.change({ notation: 'aiken' })).toBe(true)
    expect(source.setFromServer).toHaveBeenCalledExactlyOnceWith('new')
    expect(saving.begin).toHaveBeenCalledTimes(2)
    expect(lookAround).toHaveBeenCalledOnce()

    here.isSettled = false
    expect(await file.change({ title: 'Other' })).toBe(true)
    expect(source.setFromServer).toHaveBeenCalledOnce()

    api.change.mockRejectedValue(new Problem(422, 'The name is too long.'))
    expect(await file.change({ title: 'x' })).toBe(false)
  })

  it('has kinds of findings switched off as a whole, or by a comment above one question', async () => {
    const { file, source, open } = desk()
    api.sheet.mockResolvedValue(sheet({ text: 'abc', switchedOff: ['a.b'] }))
    await open()
    api.change.mockResolvedValue(sheet())
    await file.setOff('x.y', true)
    await file.setOff('a.b', false)
    expect(api.change.mock.calls.map(([, what]) => what as object)).toEqual([
      { switchedOff: ['a.b', 'x.y'] },
      { switchedOff: [] },
    ])

    const read = spliced(NOTHING_READ, answer([{ id: 'one', length: 3, kind: 'question' }], [body('one')]))
    const placed = { key: 'k', from: 0, to: 1, finding: finding(), block: read.blocks[0] ?? null }
    file.setOffHere(placed, '// notagram-off ')
    expect(source.apply).toHaveBeenCalledExactlyOnceWith(
      [{ from: 2, to: 2, text: '\n\n// notagram-off x.y\n' }],
      'input',
    )
  })

  it('settles two versions: one stays, the other becomes a sheet of its own', async () => {
    for (const keep of ['mine', 'theirs'] as const) {
      const { file, source, saving, open } = desk()
      await open()
      saving.conflict.value = { hash: 'h9', text: 'theirs' }
      api.sheet.mockResolvedValue(sheet({ text: 'theirs' }))
      api.createBeside.mockClear()
      await file.settle(keep)
      expect(api.createBeside.mock.calls[0]?.[2]).toBe(keep === 'mine' ? 'theirs' : 'abc')
      expect(source.setFromServer).toHaveBeenLastCalledWith('theirs')
      expect(source.replaceAll.mock.calls).toEqual(keep === 'mine' ? [['abc']] : [])
      expect(saving.conflict.value).toBeNull()
    }
  })

  it('stays in conflict where the other version cannot be kept', async () => {
    const { file, saving, open } = desk()
    await open()
    saving.conflict.value = { hash: 'h9', text: 'theirs' }
    api.createBeside.mockRejectedValue(new Problem(0, 'The server does not answer.'))
    await file.settle('mine')
    expect(saving.conflict.value).not.toBeNull()
  })

  it('is put back on the shelf, and saving goes on', async () => {
    const { file, saving, open } = desk()
    await open()
    api.putBack.mockResolvedValue({})
    await file.putBack()
    await flushPromises()
    expect(saving.tryAgain).toHaveBeenCalledOnce()
  })
})
