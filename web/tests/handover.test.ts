import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { type EffectScope, effectScope, ref, shallowRef } from 'vue'
import { Problem, type Written } from '@/api/client'
import { styled, USUAL_STYLE } from '@/desk/leaves/handover/list-style'
import ListStyle from '@/desk/leaves/handover/ListStyle.vue'
import { lossesByGravity } from '@/desk/leaves/handover/losses'
import LossList from '@/desk/leaves/handover/LossList.vue'
import { useWritten } from '@/desk/leaves/handover/useWritten'
import { NOTHING_READ, type PlacedBlock, type SheetReading, spliced } from '@/desk/sync/reading'
import type { Desk } from '@/desk/useDesk'
import { plugins } from './plugins'
import { answer, body } from './samples'

const handover = vi.hoisted(() => vi.fn())
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { handover } }))

const written = (text: string): Written => ({ text, losses: [], isNumbered: false })

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
  const setTarget = vi.fn()
  const target = ref('aiken')
  const now = shallowRef(reading({ id: 'one', written: null }))
  const sheet = shallowRef({ notation: 'gift' })
  const desk = { setTarget, settled: () => Promise.resolve(), reading: now, sheet } as unknown as Desk

  beforeEach(() => {
    handover.mockReset()
    setTarget.mockReset()
    target.value = 'aiken'
    now.value = reading({ id: 'one', written: null })
  })

  let scope: EffectScope
  const use = () => {
    scope = effectScope()
    return scope.run(() => useWritten(desk, 'sheet', target)) as ReturnType<typeof useWritten>
  }
  afterEach(() => scope.stop())

  it('is asked for whole once, and then comes with each reading', async () => {
    handover.mockResolvedValue({ blocks: [{ id: 'one', written: written('first') }] })
    const { written: map } = use()
    await flushPromises()
    expect(setTarget).toHaveBeenLastCalledWith('aiken')
    expect(map.value.get('one')?.text).toBe('first')

    now.value = reading({ id: 'one', written: null }, { id: 'two', written: written('second') })
    await flushPromises()
    expect([...map.value.values()].map((one) => one.text)).toEqual(['first', 'second'])
    expect(handover).toHaveBeenCalledOnce()
  })

  it('is asked for anew where a reading came without it', async () => {
    handover.mockResolvedValue({ blocks: [{ id: 'one', written: written('first') }] })
    use()
    await flushPromises()
    handover.mockResolvedValue({ blocks: [{ id: 'three', written: written('third') }] })
    now.value = reading({ id: 'three', written: null })
    await flushPromises()
    expect(handover).toHaveBeenCalledTimes(2)
  })

  it('follows the notation that is chosen last, whatever arrives first', async () => {
    let late: (value: unknown) => void = () => undefined
    handover.mockReturnValueOnce(new Promise((resolve) => (late = resolve)))
    const { written: map } = use()
    await flushPromises()
    handover.mockResolvedValue({ blocks: [{ id: 'one', written: written('gift text') }] })
    target.value = 'gift'
    await flushPromises()
    late({ blocks: [{ id: 'one', written: written('aiken text') }] })
    await flushPromises()
    expect(map.value.get('one')?.text).toBe('gift text')
  })

  it('says why it cannot be had', async () => {
    handover.mockRejectedValue(new Problem(0, 'The server does not answer.'))
    const { problem, stop } = use()
    await flushPromises()
    expect(problem.value).toBe('The server does not answer.')
    stop()
    expect(setTarget).toHaveBeenLastCalledWith(null)
  })
})

describe('what is lost', () => {
  const points = { kind: 'reduced' as const, message: 'Its points stay.' }
  const many = { kind: 'dropped' as const, message: 'It has several right answers.' }
  const block = (number: number | null) => ({ key: `block ${number}`, number }) as PlacedBlock
  const item = (number: number | null, ...losses: Written['losses']) => ({
    block: block(number),
    written: { text: '', losses, isNumbered: false },
  })

  it('is said once, the gravest first, with every question that it befalls', () => {
    const losses = lossesByGravity([item(1, points), item(2), item(3, points, many), item(4, points)])
    expect(losses).toEqual([
      { loss: many, blocks: [block(3)] },
      { loss: points, blocks: [block(1), block(3), block(4)] },
    ])
  })

  it('leads to each of its questions, by number', async () => {
    const losses = lossesByGravity([item(3, many), ...Array.from({ length: 43 }, (_, at) => item(at + 1, points))])
    const wrapper = mount(LossList, { props: { losses, label: 'Losses' }, global: { plugins: plugins() } })
    const [first, second] = wrapper.findAll('li')
    expect(first?.text()).toBe(`DroppedQuestion 3 ${many.message}`)
    expect(second?.find('.where').text()).toMatch(/^43 questions:.*40and 3 more$/)
    await second?.findAll('button')[1]?.trigger('click')
    expect(wrapper.emitted('chosen')).toEqual([[block(2)]])
  })

  it('is counted by places where a text beside the questions is among them', () => {
    const losses = lossesByGravity([item(null, points), item(1, points)])
    const wrapper = mount(LossList, { props: { losses, label: 'Losses' }, global: { plugins: plugins() } })
    expect(wrapper.find('.where').text()).toBe('2 places:Between the questions1')
  })
})

describe('the style of a list', () => {
  it('is asked for by what differs from the usual', () => {
    expect(styled('starred', USUAL_STYLE)).toBe('starred')
    expect(styled('starred', { letters: 'A)', starsAfter: true, points: false, blankAfterStem: true })).toBe(
      'starred:A),stars-after,no-points,blank-after-stem',
    )
  })

  it('can be chosen part by part', async () => {
    vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: vi.fn(), removeEventListener: vi.fn() }))
    const wrapper = mount(ListStyle, { props: { modelValue: USUAL_STYLE }, global: { plugins: plugins() } })
    await wrapper.findAll('input[type=checkbox]')[0]?.setValue(false)
    expect(wrapper.emitted('update:modelValue')?.[0]).toEqual([{ ...USUAL_STYLE, points: false }])
    wrapper.unmount()
  })
})
