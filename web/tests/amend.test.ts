import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'
import { type Edit, Problem } from '@/api/client'
import { type AmendingDesk, useAmend } from '@/desk/useAmend'
import { plugins } from './plugins'

const { amending, texts } = vi.hoisted(() => ({ amending: vi.fn(), texts: vi.fn() }))
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { amending, texts } }))
const say = vi.hoisted(() => vi.fn<(summary: string, undo?: () => unknown) => void>())
vi.mock('@/composables/useNotice', () => ({
  useNotice: () => ({ say, asked: (call: () => Promise<unknown>) => call().catch(() => null) }),
}))

describe('one question that is changed', () => {
  const edit: Edit = { from: 3, to: 4, text: 'y' }
  const undo = vi.fn()
  let isDone = true
  const desk: AmendingDesk = {
    edited: async (ask) => {
      await ask('h7')
      return isDone
    },
    applied: () => Promise.resolve(true),
    base: () => Promise.resolve('h7'),
    undo,
  }

  function use() {
    let used: ReturnType<typeof useAmend> | null = null
    mount(defineComponent({ setup: () => ((used = useAmend(desk, 's1')), () => null) }), {
      global: { plugins: plugins() },
    })
    return (used as ReturnType<typeof useAmend> | null) ?? expect.fail()
  }

  beforeEach(() => {
    vi.clearAllMocks()
    isDone = true
    amending.mockResolvedValue({ edits: [edit], question: 3, notes: [] })
  })

  it('is asked for with the text that it rests on and what it said before', async () => {
    expect(await use().amend(3, [{ set: 'stem', to: 'New' }], 'Old')).toEqual({ question: 3 })
    expect(amending).toHaveBeenCalledWith('s1', {
      base: 'h7',
      question: 3,
      changes: [{ set: 'stem', to: 'New' }],
      was: 'Old',
    })
    expect(say).not.toHaveBeenCalled()
  })

  it('says what is lost, with a way back', async () => {
    amending.mockResolvedValue({ edits: [edit], question: 3, notes: ['Partial marks are lost.', 'So is feedback.'] })
    await use().amend(3, [{ set: 'type', to: 'essay' }])
    expect(say).toHaveBeenCalledWith('Partial marks are lost. So is feedback.', expect.any(Function))
    say.mock.calls[0]?.[1]?.()
    expect(undo).toHaveBeenCalledOnce()
  })

  it('is nothing where it was not done', async () => {
    isDone = false
    expect(await use().amend(3, [{ set: 'stem', to: 'New' }])).toBeNull()
    expect(await use().arrange(3, { remove: 'question' }, 'proof.removed')).toBeNull()
    expect(say).not.toHaveBeenCalled()
  })

  it('says where a question went, and that one is gone', async () => {
    amending.mockResolvedValue({ edits: [edit], question: 5, notes: [] })
    await use().arrange(3, { move: 'question', to: 5 }, 'proof.movedTo')
    expect(say.mock.calls[0]?.[0]).toContain('5')
    amending.mockResolvedValue({ edits: [edit], question: null, notes: [] })
    expect(await use().arrange(3, { remove: 'question' }, 'proof.removed')).toEqual({ question: null })
    expect(say.mock.calls[1]?.[0]).toContain('3')
  })

  it('is only proposed where the person decides first', async () => {
    expect(await use().proposed(3, [{ set: 'type', to: 'essay' }])).toEqual({
      base: 'h7',
      edits: [edit],
      question: 3,
      notes: [],
    })
    amending.mockRejectedValue(new Problem(422, 'No.'))
    expect(await use().proposed(3, [{ set: 'type', to: 'essay' }])).toBeNull()
  })

  it('tells its texts as they are written', async () => {
    texts.mockResolvedValue({ stem: 'Which?' })
    expect(await use().textsOf(3)).toEqual({ stem: 'Which?' })
    expect(texts).toHaveBeenCalledWith('s1', 'h7', 3)
  })
})
