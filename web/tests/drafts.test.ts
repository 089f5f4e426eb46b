import { flushPromises, mount } from '@vue/test-utils'
import { effectScope, shallowRef } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { type Drafts, type DraftsWish, Problem } from '@/api/client'
import PassagePanel from '@/desk/leaves/proof/PassagePanel.vue'
import { piecesOf } from '@/desk/leaves/proof/passage'
import { UNREAD, useUnread } from '@/desk/leaves/proof/useUnread'
import { NOTHING_READ, type SheetReading } from '@/desk/sync/reading'
import { useDraftsHere } from '@/desk/useDraftsHere'
import DraftDialog from '@/drafts/DraftDialog.vue'
import { plugins } from './plugins'
import { finding } from './samples'

const api = vi.hoisted(() => ({
  offer: vi.fn(),
  drafts: vi.fn(),
  draftRequest: vi.fn(),
  keepDrafts: vi.fn(),
  readDraft: vi.fn(),
  passages: vi.fn(),
}))
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api }))
const say = vi.hoisted(() => vi.fn())
vi.mock('@/composables/useNotice', () => ({ useNotice: () => ({ say }) }))

const PASSAGE = 'The queen lays. A drone mates. Bees rest.'
const passage = {
  text: PASSAGE,
  origins: [
    { question: 2, from: 0, to: 15 },
    { question: 1, from: 16, to: 30 },
  ],
}
const drafted = (more: Partial<Drafts> = {}): Drafts => ({
  title: null,
  text: '// [tag:draft]\nThe {=queen} lays.\n',
  starts: [0],
  counts: [{ type: 'gap', count: 1 }],
  notes: [],
  ...more,
})

beforeEach(() => {
  for (const call of [...Object.values(api), say]) call.mockReset()
  api.offer.mockResolvedValue({ notations: [], targets: [], samples: [] })
})

describe('the dialog of drafts', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: () => {}, removeEventListener: () => {} }))
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  function dialog(props: { notation?: string } = {}) {
    const shown = mount(DraftDialog, {
      props: { modelValue: true, ...props },
      global: { plugins: plugins(), stubs: { Dialog: { template: '<div><slot /><slot name="footer" /></div>' } } },
    })
    const take = () => shown.findAll('button').at(-1) as NonNullable<ReturnType<typeof shown.find>>
    const typed = async (field: string, text: string) => {
      await shown.find(field).setValue(text)
      await vi.advanceTimersByTimeAsync(400)
      await flushPromises()
    }
    const ask = () => shown.find('[role=group] button:last-child').trigger('click')
    return { shown, take, typed, ask }
  }
  const wished = () => api.drafts.mock.calls.at(-1)?.[0] as DraftsWish

  it('drafts while one types, and shows all before any is taken', async () => {
    api.drafts.mockResolvedValue(drafted({ notes: ['The passage gave one draft.'] }))
    const { shown, take, typed } = dialog()
    expect(take().attributes('disabled')).toBeDefined()
    await typed('#draft-passage', PASSAGE)
    expect(wished()).toMatchObject({ passage: PASSAGE, notation: 'gift', count: 10, reply: null })
    expect(shown.find('.result').text()).toContain('1 draft')
    expect(shown.find('.result').text()).toContain('The passage gave one draft.')
    expect(shown.find('.result pre').text()).toContain('The {=queen} lays.')
    await take().trigger('click')
    expect(shown.emitted('take')).toEqual([[drafted({ notes: ['The passage gave one draft.'] }), PASSAGE, 'gift']])
    expect(shown.emitted('update:modelValue')).toEqual([[false]])
  })

  it('says why there are none, and lets nothing be taken', async () => {
    api.drafts.mockResolvedValue(drafted({ text: '', starts: [], counts: [], notes: ['There is no sentence here.'] }))
    const { shown, take, typed } = dialog({ notation: 'aiken' })
    await typed('#draft-passage', 'Bee')
    expect(shown.find('.result').text()).toContain('There is no sentence here.')
    expect(take().attributes('disabled')).toBeDefined()
    api.drafts.mockRejectedValue(new Problem(422, 'The passage is too long.'))
    await typed('#draft-passage', 'Bees')
    expect(shown.find('.refusal').text()).toBe('The passage is too long.')
  })

  it('makes the request for an assistant, and drafts of its reply alone', async () => {
    api.draftRequest.mockResolvedValue({ text: 'Write 10 quiz questions' })
    api.drafts.mockResolvedValue(drafted())
    const { shown, typed, ask } = dialog()
    await typed('#draft-passage', PASSAGE)
    api.drafts.mockClear()
    await ask()
    await vi.advanceTimersByTimeAsync(400)
    await flushPromises()
    expect(shown.find('.request pre').text()).toBe('Write 10 quiz questions')
    expect(api.drafts).not.toHaveBeenCalled()
    expect(shown.find('.result pre').exists()).toBe(false)
    await typed('#draft-reply', 'A drone mates. {T}')
    expect(wished().reply).toBe('A drone mates. {T}')
    expect(shown.find('.result pre').exists()).toBe(true)
  })
})

describe('drafts that go onto the open sheet', () => {
  it('stand below its questions, and the sheet keeps where they begin and what they were made from', async () => {
    const edited = vi.fn(async (call: (base: string) => Promise<unknown>) => Boolean(await call('h7')))
    const desk = { append: vi.fn(() => 40), edited, lookAround: vi.fn(), undo: vi.fn() }
    const showProof = vi.fn()
    let here: ReturnType<typeof useDraftsHere> | undefined
    mount(
      { setup: () => ((here = useDraftsHere(desk as never, 's1', showProof)), () => null) },
      { global: { plugins: plugins() } },
    )
    await here?.addDrafts(drafted({ starts: [0, 12] }), PASSAGE)
    expect(desk.append).toHaveBeenCalledWith(drafted().text)
    expect(api.keepDrafts).toHaveBeenCalledWith('s1', { base: 'h7', passage: PASSAGE, drafts: [40, 52] })
    expect(showProof).toHaveBeenCalled()
    expect(say).toHaveBeenCalledWith('2 drafts were added below your questions.', expect.any(Function))
  })
})

describe('drafts that nobody has read', () => {
  const block = (number: number, isUnread: boolean) => ({
    number,
    findings: isUnread ? [finding({ code: UNREAD, level: 'doubt' })] : [],
  })
  const read = (unread: readonly number[], hash = 'h1'): SheetReading =>
    ({
      ...NOTHING_READ,
      hash,
      seen: {},
      blocks: [1, 2, 3].map((number) => block(number, unread.includes(number))),
    }) as never

  function unread(first: readonly number[]) {
    const reading = shallowRef(read(first))
    const desk = {
      reading,
      edited: vi.fn(async (call: (base: string) => Promise<unknown>) => Boolean(await call('h1'))),
      settled: () => Promise.resolve(),
      lookAround: vi.fn(),
    }
    const scope = effectScope()
    return { reading, desk, drafts: scope.run(() => useUnread(desk as never, 's1')) as ReturnType<typeof useUnread> }
  }

  it('are those of which it is found, with their passages', async () => {
    api.passages.mockResolvedValue({ passages: [passage] })
    const { drafts, reading } = unread([1, 2])
    await flushPromises()
    expect(drafts.numbers.value).toEqual([1, 2])
    expect(drafts.passages.value).toEqual([passage])
    reading.value = read([], 'h2')
    await flushPromises()
    expect(drafts.passages.value).toEqual([])
  })

  it('are read at once, and stay unread where the server says so later', async () => {
    api.passages.mockResolvedValue({ passages: [] })
    api.readDraft.mockResolvedValue({ edits: [] })
    const { drafts, desk, reading } = unread([1, 3])
    const done = drafts.read(1)
    expect(drafts.numbers.value).toEqual([3])
    await done
    expect(api.readDraft).toHaveBeenCalledWith('s1', 'h1', 1)
    expect(desk.lookAround).toHaveBeenCalled()
    reading.value = read([1, 3])
    await flushPromises()
    expect(drafts.numbers.value).toEqual([1, 3])
  })

  it('do without their passage where it cannot be had', async () => {
    api.passages.mockRejectedValue(new Problem(0, 'The server does not answer.'))
    const { drafts } = unread([2])
    await flushPromises()
    expect([drafts.numbers.value, drafts.passages.value]).toEqual([[2], []])
  })
})

describe('the passage above the Proof', () => {
  it('is in pieces of which each draft has its sentence', () => {
    expect(piecesOf(passage, [1, 2])).toEqual([
      { from: 0, text: 'The queen lays.', question: 2 },
      { from: 15, text: ' ', question: null },
      { from: 16, text: 'A drone mates.', question: 1 },
      { from: 30, text: ' Bees rest.', question: null },
    ])
    expect(piecesOf(passage, [1]).map(({ question }) => question)).toEqual([null, 1, null])
    const twice = { text: PASSAGE, origins: [...passage.origins.slice(0, 1), { question: 3, from: 0, to: 15 }] }
    expect(piecesOf(twice, [2, 3]).map(({ question }) => question)).toEqual([2, null])
  })

  it('marks the sentence of the question at hand, and leads to the others', async () => {
    const shown = mount(PassagePanel, {
      props: { passages: [passage], unread: [1, 2], current: 1 },
      global: { plugins: plugins() },
    })
    expect(shown.text()).toContain('2 drafts to read.')
    expect(shown.find('.passages').text()).toBe(PASSAGE)
    expect(shown.find('mark.is-current').text()).toBe('A drone mates.')
    await shown.find('mark:not(.is-current)').trigger('click')
    expect(shown.emitted('go')).toEqual([[2]])
  })
})
