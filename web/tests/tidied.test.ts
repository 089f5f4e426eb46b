import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, ref, shallowRef } from 'vue'
import { useTidied } from '@/desk/leaves/tidied/useTidied'
import { Problem } from '@/api/client'
import { NOTHING_READ } from '@/desk/sync/reading'
import { plugins } from './plugins'

const tidying = vi.hoisted(() => vi.fn())
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { tidying } }))

const said = vi.hoisted(() => vi.fn())
vi.mock('primevue/usetoast', () => ({ useToast: () => ({ add: said, removeGroup: vi.fn() }) }))

const row = {
  line: 3,
  parts: [{ kind: 'gone' as const, text: '____ ' }],
  leaves: false,
  steps: ['answer-rules'],
}
const answer = {
  edits: [],
  rows: [row],
  steps: [
    { name: 'answer-rules', label: 'Answer blanks', changes: 2, refused: 0 },
    { name: 'titles', label: 'Title above the questions', changes: 1, refused: 0 },
  ],
}

const goesOnIn = ref<string | null>(null)
const request = (base: string, refusedSteps: string[], refusedLines: number[]) => ({
  base,
  refusedSteps,
  refusedLines,
  goesOnIn: goesOnIn.value,
})

async function open() {
  const reading = shallowRef({ ...NOTHING_READ, hash: 'h1' })
  const desk = { reading, base: () => Promise.resolve(reading.value.hash) }
  let found!: ReturnType<typeof useTidied>
  const wrapper = mount(
    defineComponent({
      setup() {
        found = useTidied(desk, 's1', goesOnIn)
        return () => h('div')
      },
    }),
    { global: { plugins: plugins() } },
  )
  await flushPromises()
  return { found, reading, wrapper }
}

describe('the tidied text', () => {
  afterEach(() => {
    vi.useRealTimers()
    vi.clearAllMocks()
  })

  it('is asked for at once, and its changes are counted', async () => {
    tidying.mockResolvedValue(answer)
    const { found, wrapper } = await open()
    expect(tidying).toHaveBeenCalledWith('s1', request('h1', [], []))
    expect(found.changes.value).toBe(3)
    expect(found.isWorking.value).toBe(false)
    expect(found.tidied.value?.base).toBe('h1')
    wrapper.unmount()
  })

  it('is worked out anew without a step or a line that is refused, and with it when it is taken back', async () => {
    tidying.mockResolvedValue(answer)
    const { found, wrapper } = await open()
    found.toggleStep('titles')
    found.toggleLine(row)
    await flushPromises()
    expect(tidying).toHaveBeenLastCalledWith('s1', request('h1', ['titles'], [3]))
    found.toggleStep('titles')
    found.toggleLine(row)
    await flushPromises()
    expect(tidying).toHaveBeenLastCalledWith('s1', request('h1', [], []))
    wrapper.unmount()
  })

  it('is worked out anew for the notation that it is to go on in', async () => {
    tidying.mockResolvedValue(answer)
    const { wrapper } = await open()
    goesOnIn.value = 'gram'
    await flushPromises()
    expect(tidying).toHaveBeenLastCalledWith('s1', expect.objectContaining({ goesOnIn: 'gram' }))
    wrapper.unmount()
    goesOnIn.value = null
  })

  it('shows the last answer that was asked for, whichever comes last', async () => {
    tidying.mockResolvedValue(answer)
    const { found, wrapper } = await open()
    const late: ((value: unknown) => void)[] = []
    tidying.mockImplementation(() => new Promise((resolve) => late.push(resolve)))
    found.toggleStep('titles')
    found.toggleStep('titles')
    await flushPromises()
    late[1]?.({ ...answer, notes: ['second'] })
    await flushPromises()
    late[0]?.({ ...answer, notes: ['first'] })
    await flushPromises()
    expect(found.tidied.value?.notes).toEqual(['second'])
    expect(found.isWorking.value).toBe(false)
    wrapper.unmount()
  })

  it('says nothing of an answer that came too late for its text, but of any other refusal', async () => {
    tidying.mockResolvedValue(answer)
    const { found, reading, wrapper } = await open()
    tidying.mockImplementation(() => {
      reading.value = { ...reading.value, hash: 'h2' }
      return Promise.reject(new Problem(409, 'The text has changed.'))
    })
    found.toggleStep('titles')
    await flushPromises()
    expect(said).not.toHaveBeenCalled()
    tidying.mockRejectedValue(new Problem(409, 'The text has changed.'))
    found.toggleStep('titles')
    await flushPromises()
    expect(said).toHaveBeenCalledWith(expect.objectContaining({ summary: 'The text has changed.' }))
    wrapper.unmount()
  })

  it('forgets refused lines once the text is another, since they are others then', async () => {
    vi.useFakeTimers()
    tidying.mockResolvedValue(answer)
    const { found, reading, wrapper } = await open()
    found.toggleLine(row)
    found.toggleStep('titles')
    await flushPromises()
    reading.value = { ...reading.value, hash: 'h2' }
    await flushPromises()
    await vi.advanceTimersByTimeAsync(400)
    expect(tidying).toHaveBeenLastCalledWith('s1', request('h2', ['titles'], []))
    wrapper.unmount()
  })
})
