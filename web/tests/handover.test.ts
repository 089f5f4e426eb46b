import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { type EffectScope, effectScope, shallowRef } from 'vue'
import { Problem, type Written } from '@/api/client'
import { lossesByKind } from '@/desk/leaves/handover/losses'
import LossList from '@/desk/leaves/handover/LossList.vue'
import TargetChoice from '@/desk/leaves/handover/TargetChoice.vue'
import { useProspects } from '@/desk/leaves/handover/useProspects'
import { styled } from '@/desk/leaves/handover/target-style'
import TargetStyle from '@/desk/leaves/handover/TargetStyle.vue'
import { useWritten, type WantedTarget } from '@/desk/leaves/handover/useWritten'
import { NOTHING_READ, type PlacedBlock, type SheetReading, spliced } from '@/desk/sync/reading'
import { plugins } from './plugins'
import { answer, body } from './samples'

const handover = vi.hoisted(() => vi.fn())
const prospects = vi.hoisted(() => vi.fn())
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { handover, prospects } }))
vi.mock('@/composables/useNotice', () => ({
  useNotice: () => ({ asked: (call: () => Promise<unknown>) => call() }),
}))

const written = (text: string): Written => ({ text, losses: [] })

function reading(...bodies: { id: string; written: Written | null }[]): SheetReading {
  return spliced(
    NOTHING_READ,
    answer(
      bodies.map(({ id }) => ({ id, length: 1, kind: 'question' })),
      bodies.map(({ id, written: text }) => body(id, { written: text })),
    ),
  )
}

describe('what is handed over', () => {
  const setTarget = vi.fn<(name: string | null) => void>()
  const aiken: WantedTarget = { name: 'aiken', isByBlock: true }
  const target = shallowRef<WantedTarget | null>(aiken)
  const now = shallowRef(reading({ id: 'one', written: null }))
  const desk = { setTarget, settled: () => Promise.resolve(), reading: now }

  beforeEach(() => {
    handover.mockReset()
    setTarget.mockReset()
    target.value = aiken
    now.value = reading({ id: 'one', written: null })
  })

  let scope: EffectScope
  const use = () => {
    scope = effectScope()
    return scope.run(() => useWritten(desk, 'sheet', target)) as ReturnType<typeof useWritten>
  }
  afterEach(() => scope.stop())

  const whole = (...texts: string[]) => ({
    digest: now.value.digest,
    blocks: texts.map(written),
    fileName: 'Test (Aiken).txt',
    fileSize: 12,
    isText: true,
  })
  const texts = (map: ReadonlyMap<string, Written>) => [...map.values()].map((one) => one.text)

  it('is asked for whole once, and then comes with each reading', async () => {
    handover.mockResolvedValue(whole('first'))
    const { written: map, file } = use()
    await flushPromises()
    expect(file.value).toEqual({ name: 'Test (Aiken).txt', size: 12, isText: true })
    expect(setTarget).toHaveBeenLastCalledWith('aiken')
    expect(texts(map.value)).toEqual(['first'])

    now.value = reading({ id: 'one', written: null }, { id: 'two', written: written('second') })
    await flushPromises()
    expect(texts(map.value)).toEqual(['first', 'second'])
    expect(handover).toHaveBeenCalledOnce()
  })

  it('is asked for anew where a reading came without it', async () => {
    handover.mockResolvedValue(whole('first'))
    use()
    await flushPromises()
    handover.mockResolvedValue(whole('third'))
    now.value = reading({ id: 'three', written: null })
    await flushPromises()
    expect(handover).toHaveBeenCalledTimes(2)
  })

  it('is asked for as a whole after each pause, where one block may change the others', async () => {
    vi.useFakeTimers()
    target.value = { name: 'starred', isByBlock: false }
    handover.mockResolvedValue(whole('1. first', '2. first'))
    now.value = reading({ id: 'one', written: null }, { id: 'one', written: null })
    const { written: map } = use()
    await vi.runAllTimersAsync()
    expect(setTarget).toHaveBeenLastCalledWith(null)
    expect(texts(map.value)).toEqual(['1. first', '2. first'])

    now.value = reading({ id: 'new', written: null }, { id: 'one', written: null }, { id: 'one', written: null })
    handover.mockResolvedValue(whole('1. new', '2. first', '3. first'))
    await vi.runAllTimersAsync()
    expect(texts(map.value)).toEqual(['1. new', '2. first', '3. first'])
    expect(handover).toHaveBeenCalledTimes(2)
    vi.useRealTimers()
  })

  it('follows the target that is chosen last, whatever arrives first', async () => {
    let late: (value: unknown) => void = () => undefined
    handover.mockReturnValueOnce(new Promise((resolve) => (late = resolve)))
    const { written: map } = use()
    await flushPromises()
    handover.mockResolvedValue(whole('gift text'))
    target.value = { name: 'gift', isByBlock: true }
    await flushPromises()
    late(whole('aiken text'))
    await flushPromises()
    expect(texts(map.value)).toEqual(['gift text'])
  })

  it('says why it cannot be had, and asks for nothing more once it is left', async () => {
    handover.mockRejectedValue(new Problem(0, 'The server does not answer.'))
    const { problem } = use()
    await flushPromises()
    expect(problem.value).toBe('The server does not answer.')
    scope.stop()
    expect(setTarget).toHaveBeenLastCalledWith(null)
  })
})

describe('what is lost', () => {
  const points = { kind: 'reduced' as const, message: 'Its points stay.' }
  const many = { kind: 'dropped' as const, message: 'It has several right answers.' }
  const block = (number: number | null) => ({ key: `block ${number}`, number }) as PlacedBlock
  const item = (number: number | null, ...losses: Written['losses']) => ({
    block: block(number),
    written: { text: '', losses },
  })

  it('is said once, the gravest kind first, with every question that it befalls', () => {
    const losses = lossesByKind([item(1, points), item(2), item(3, points, many), item(4, points)])
    expect(losses).toEqual([
      { kind: 'dropped', places: 1, losses: [{ loss: many, blocks: [block(3)] }] },
      { kind: 'reduced', places: 3, losses: [{ loss: points, blocks: [block(1), block(3), block(4)] }] },
    ])
  })

  it('counts a question once in a kind, however much of it is lost', () => {
    const title = { kind: 'reduced' as const, message: 'Its title stays.' }
    const same = block(1)
    const [group] = lossesByKind([{ block: same, written: { text: '', losses: [points, title] } }])
    expect(group).toMatchObject({ places: 1, losses: [{ loss: points }, { loss: title }] })
  })

  it('leads to each of its questions, by number', async () => {
    const groups = lossesByKind([item(3, many), ...Array.from({ length: 43 }, (_, at) => item(at + 1, points))])
    const wrapper = mount(LossList, { props: { groups, label: 'Losses' }, global: { plugins: plugins() } })
    const [first, second] = wrapper.findAll('details')
    expect(first?.find('summary').text()).toBe('Dropped 1 question or text cannot go')
    expect(first?.find('li').text()).toBe(`${many.message} 3`)
    expect(second?.find('summary').text()).toBe('Reduced Something is left out in 43 places')
    expect(second?.find('.where').text()).toMatch(/40 ?and 3 more$/)
    await second?.findAll('button')[1]?.trigger('click')
    expect(wrapper.emitted('chosen')).toEqual([[block(2)]])
  })

  it('names a place between the questions in words', () => {
    const groups = lossesByKind([item(null, points), item(1, points)])
    const wrapper = mount(LossList, { props: { groups, label: 'Losses' }, global: { plugins: plugins() } })
    expect(wrapper.findAll('button').map((button) => button.text())).toEqual(['Between the questions', '1'])
  })
})

describe('where a sheet goes', () => {
  const target = (id: string) => ({
    id,
    label: id,
    about: `About ${id}.`,
    isText: true,
    isByBlock: true,
    isPage: false,
    canBeRehearsed: false,
    styles: [],
  })
  const prospect = { target: 'aiken', whole: 8, changed: 1, notReady: 0, dropped: 1 }

  it('is chosen by what takes it and by how the questions arrive', async () => {
    const wrapper = mount(TargetChoice, {
      props: {
        targets: [target('gift'), target('aiken'), target('starred')],
        prospects: new Map([
          ['aiken', prospect],
          ['gift', { ...prospect, target: 'gift', whole: 10, changed: 0, dropped: 0 }],
        ]),
        chosen: null,
        own: 'gift',
      },
      global: { plugins: plugins() },
    })
    expect(wrapper.findAll('button').map((button) => button.text().replace(/\s+/g, ' '))).toEqual([
      'gift, cleaned upAbout gift.All 10 questions arrive whole.',
      'aikenAbout aiken.8 of 10 questions arrive whole1 changes1 cannot go',
      'starredAbout starred.Counting …',
    ])
    await wrapper.findAll('button')[1]?.trigger('click')
    expect(wrapper.emitted('choose')).toEqual([['aiken']])
  })

  it('is weighed while somebody chooses, once for each text', async () => {
    prospects.mockReset().mockResolvedValue({ hash: '', targets: [prospect] })
    const isChoosing = shallowRef(false)
    const now = shallowRef({ ...NOTHING_READ, hash: 'h1' })
    const scope = effectScope()
    const known = scope.run(() => useProspects({ reading: now, settled: () => Promise.resolve() }, 'sheet', isChoosing))
    await flushPromises()
    expect(prospects).not.toHaveBeenCalled()
    prospects.mockResolvedValue({ hash: 'h1', targets: [prospect] })
    isChoosing.value = true
    await flushPromises()
    isChoosing.value = false
    await flushPromises()
    isChoosing.value = true
    await flushPromises()
    expect(prospects).toHaveBeenCalledOnce()
    expect(known?.value.get('aiken')).toEqual(prospect)
    scope.stop()
  })
})

describe('an answer about an older text', () => {
  it('does not overtake that to a later question', async () => {
    vi.useFakeTimers()
    const answers: ((hash: string) => void)[] = []
    prospects
      .mockReset()
      .mockImplementation(
        () =>
          new Promise((resolve) =>
            answers.push((hash) =>
              resolve({ hash, targets: [{ target: hash, whole: 1, changed: 0, notReady: 0, dropped: 0 }] }),
            ),
          ),
      )
    const now = shallowRef({ ...NOTHING_READ, hash: 'h1' })
    const scope = effectScope()
    const known = scope.run(() =>
      useProspects({ reading: now, settled: () => Promise.resolve() }, 'sheet', shallowRef(true)),
    )
    await vi.advanceTimersByTimeAsync(0)
    now.value = { ...NOTHING_READ, hash: 'h2' }
    await vi.advanceTimersByTimeAsync(500)
    expect(answers).toHaveLength(2)
    answers[1]?.('h2')
    answers[0]?.('h1')
    await vi.advanceTimersByTimeAsync(0)
    expect(known?.value.get('h2')).toBeDefined()
    expect(known?.value.get('h1')).toBeUndefined()
    // The sheet was read anew while the answer was on its way.
    now.value = { ...NOTHING_READ, hash: 'h3' }
    await vi.advanceTimersByTimeAsync(500)
    now.value = { ...NOTHING_READ, hash: 'h4' }
    answers[2]?.('h3')
    await vi.advanceTimersByTimeAsync(500)
    answers[3]?.('h4')
    await vi.advanceTimersByTimeAsync(0)
    expect(known?.value.get('h4')).toBeDefined()
    scope.stop()
    vi.useRealTimers()
  })
})

describe('the style of a target', () => {
  const styles = [
    {
      label: 'Letters',
      values: [
        { word: 'a.', label: 'a.' },
        { word: 'A)', label: 'A)' },
      ],
      isOfPictures: false,
    },
    {
      label: 'Points',
      values: [
        { word: '', label: 'shown' },
        { word: 'no-points', label: 'left out' },
      ],
      isOfPictures: false,
    },
    {
      label: 'Pictures',
      values: [
        { word: '', label: 'only named' },
        { word: 'pictures-zip', label: 'in a zip' },
      ],
      isOfPictures: true,
    },
  ]
  const target = {
    id: 'starred',
    label: 'Starred list',
    about: '',
    isByBlock: false,
    isPage: false,
    canBeRehearsed: false,
    styles,
  }

  it('is asked for by what differs from the usual', () => {
    expect(styled(target, [], true)).toBe('starred')
    expect(styled(target, ['a.', ''], true)).toBe('starred')
    expect(styled(target, ['A)', 'no-points', 'pictures-zip'], true)).toBe('starred:A),no-points,pictures-zip')
    expect(styled(target, ['i.', 'no-points'], true)).toBe('starred:no-points')
  })

  it('packs no pictures where the sheet has none', () => {
    expect(styled(target, ['a.', '', 'pictures-zip'], false)).toBe('starred')
  })

  it('can be chosen part by part', async () => {
    vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: vi.fn(), removeEventListener: vi.fn() }))
    const wrapper = mount(TargetStyle, {
      props: { modelValue: [], styles, hasPictures: false, size: null },
      global: { plugins: plugins() },
    })
    wrapper.findAllComponents({ name: 'Select' })[1]?.vm.$emit('update:modelValue', styles[1]?.values[1])
    await flushPromises()
    expect(wrapper.emitted('update:modelValue')).toEqual([[['a.', 'no-points', '']]])
    wrapper.unmount()
  })
})
