import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem, type ShelfSheet } from '@/api/client'
import ShelfPage from '@/pages/ShelfPage.vue'
import { plugins } from './plugins'

const api = vi.hoisted(() => ({
  shelf: vi.fn(),
  create: vi.fn(),
  bringIn: vi.fn(),
  bringInSample: vi.fn(),
  change: vi.fn(),
  takeOff: vi.fn(),
  putBack: vi.fn(),
  offer: vi.fn(),
}))
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api }))

const push = vi.hoisted(() => vi.fn())
vi.mock('vue-router', async (original) => ({ ...(await original<object>()), useRouter: () => ({ push }) }))

const say = vi.hoisted(() => vi.fn())
vi.mock('@/composables/useNotice', () => ({ useNotice: () => ({ say }) }))

const sheet = (id: string, title: string): ShelfSheet => ({
  id,
  title,
  notation: 'gift',
  changedAt: '2026-11-25T10:00:00Z',
  states: 'ss',
  count: 2,
  sound: 2,
  expected: null,
  unmarked: 0,
  awaitsTidying: false,
})

let page: VueWrapper

async function open(): Promise<void> {
  page = mount(ShelfPage, {
    global: { plugins: plugins(), stubs: { teleport: true, transition: false } },
    attachTo: document.body,
  })
  await flushPromises()
}

beforeEach(() => {
  for (const call of [...Object.values(api), push, say]) call.mockReset()
  vi.stubGlobal('matchMedia', () => ({
    matches: false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }))
  api.shelf.mockResolvedValue({ sheets: [sheet('1', 'Swarms'), sheet('2', 'Honey')] })
  api.offer.mockResolvedValue({
    notations: [
      {
        id: 'gift',
        label: 'GIFT',
        examples: [
          { type: 'choice', text: 'x {=a ~b}', explanation: '' },
          { type: 'essay', text: 'y {}', explanation: '' },
        ],
      },
    ],
    encodings: [],
    samples: [{ name: 'swarm', fileName: 'Swarm week.docx' }],
  })
})
afterEach(() => page.unmount())

function drop(...files: File[]): void {
  const event = new Event('drop', { cancelable: true }) as Event & { dataTransfer: unknown }
  event.dataTransfer = { files, types: ['Files'] }
  window.dispatchEvent(event)
}

describe('the shelf', () => {
  it('lists the sheets, and counts them', async () => {
    await open()
    expect(page.findAll('.title').map((title) => title.text())).toEqual(['Swarms', 'Honey'])
    expect(page.find('footer').text()).toContain('2 sheets · 4 questions')
  })

  it('finds a sheet by a word of its name', async () => {
    await open()
    await page.find('input[type=search]').setValue('hon')
    expect(page.findAll('.title').map((title) => title.text())).toEqual(['Honey'])
    await page.find('input[type=search]').setValue('zebra')
    expect(page.text()).toContain('No sheet has that name.')
  })

  it('teaches where it is empty', async () => {
    api.shelf.mockResolvedValue({ sheets: [] })
    await open()
    expect(page.text()).toContain('The shelf is empty')
    expect(page.text()).toContain('A sheet is one text with questions.')
    api.bringInSample.mockResolvedValue({ id: '5', untidy: true })
    await page.find('.samples button').trigger('click')
    await flushPromises()
    expect(api.bringInSample).toHaveBeenCalledWith('swarm')
    expect(push).toHaveBeenCalledWith({ name: 'desk', params: { id: '5', leaf: 'tidied' } })
  })

  it('says so when it cannot be read, and tries again', async () => {
    api.shelf.mockRejectedValueOnce(new Problem(0, 'The server does not answer.'))
    await open()
    expect(page.find('[role=alert]').text()).toContain('The server does not answer.')
    await page.find('[role=alert] button').trigger('click')
    await flushPromises()
    expect(page.findAll('.title')).toHaveLength(2)
    expect(page.find('[role=alert]').exists()).toBe(false)
  })

  it('opens a file that is dropped', async () => {
    api.bringIn.mockResolvedValue({ id: '9', title: 'New' })
    await open()
    drop(new File(['x {T}'], 'New.txt'))
    await flushPromises()
    expect(push).toHaveBeenCalledWith({ name: 'desk', params: { id: '9', leaf: 'proof' } })
  })

  it('takes several files, and names each that it cannot take', async () => {
    api.bringIn.mockResolvedValueOnce({ id: '8', title: 'A' }).mockRejectedValueOnce(new Problem(422, 'This is a PDF.'))
    await open()
    drop(new File(['x'], 'a.txt'), new File(['x'], 'b.pdf'))
    await flushPromises()
    expect(push).not.toHaveBeenCalled()
    expect(api.shelf).toHaveBeenCalledTimes(2)
    expect(page.find('[role=alert]').text()).toContain('“b.pdf” was not added')
    expect(page.find('[role=alert]').text()).toContain('This is a PDF.')
  })

  it('shows how far several files have come, and takes those that are dropped meanwhile', async () => {
    const answers: ((created: object) => void)[] = []
    api.bringIn.mockImplementation(() => new Promise((resolve) => answers.push(resolve)))
    await open()
    drop(new File(['x'], 'a.docx'), new File(['x'], 'b.docx'))
    await flushPromises()
    expect(page.find('[role=status]').text()).toContain('Adding “a.docx” … 1 of 2')
    drop(new File(['x'], 'c.docx'))
    await flushPromises()
    answers[0]?.({ id: '1' })
    await flushPromises()
    expect(page.find('[role=status]').text()).toContain('Adding “b.docx” … 2 of 3')
    answers[1]?.({ id: '2' })
    await flushPromises()
    answers[2]?.({ id: '3' })
    await flushPromises()
    expect(page.find('[role=status]').exists()).toBe(false)
    expect(api.bringIn).toHaveBeenCalledTimes(3)
    expect(push).not.toHaveBeenCalled()
    expect(api.shelf).toHaveBeenCalledTimes(2)
  })

  it('stops bringing in: what comes after all is taken off again', async () => {
    const answers: ((created: object) => void)[] = []
    api.bringIn.mockImplementation(() => new Promise((resolve) => answers.push(resolve)))
    await open()
    drop(new File(['x'], 'a.docx'), new File(['x'], 'b.docx'), new File(['x'], 'c.docx'))
    await flushPromises()
    answers[0]?.({ id: '1' })
    await flushPromises()
    await page.find('[role=status] button').trigger('click')
    expect(page.find('[role=status]').exists()).toBe(false)
    expect(say).toHaveBeenCalledWith('Stopped. The sheets added so far are on the shelf.')
    answers[1]?.({ id: '2' })
    await flushPromises()
    expect(api.takeOff.mock.calls).toEqual([['2']])
    expect(api.bringIn).toHaveBeenCalledTimes(2)
    // The next file is brought in as if nothing had been.
    drop(new File(['x'], 'd.docx'))
    await flushPromises()
    answers[2]?.({ id: '4', untidy: true })
    await flushPromises()
    expect(push).toHaveBeenCalledWith({ name: 'desk', params: { id: '4', leaf: 'tidied' } })
  })

  it('shows that a file can be let go', async () => {
    await open()
    const over = new Event('dragover', { cancelable: true }) as Event & { dataTransfer: unknown }
    over.dataTransfer = { types: ['Files'] }
    window.dispatchEvent(over)
    await flushPromises()
    expect(page.text()).toContain('Drop to add')
    expect(over.defaultPrevented).toBe(true)
  })

  it('begins with every example of a notation', async () => {
    api.create.mockResolvedValue({ id: '7', title: 'x' })
    await open()
    await page.find('.bring-in li button').trigger('click')
    await flushPromises()
    expect(api.create).toHaveBeenCalledWith('Example in GIFT', 'x {=a ~b}\n\ny {}\n', 'gift', null)
  })

  it('takes a sheet off at once, and puts it back on demand', async () => {
    await open()
    api.shelf.mockResolvedValue({ sheets: [sheet('2', 'Honey')] })
    await page.find('.title').trigger('keydown', { key: 'Delete' })
    await flushPromises()
    expect(api.takeOff).toHaveBeenCalledWith('1')
    expect(page.findAll('.title')).toHaveLength(1)
    const [text, undo] = say.mock.calls[0] as [string, () => Promise<void>]
    expect(text).toBe('“Swarms” was removed.')
    await undo()
    expect(api.putBack).toHaveBeenCalledWith('1')
  })

  it('moves along by the arrow keys', async () => {
    await open()
    const links = page.findAll('.title')
    ;(links[0]?.element as HTMLElement).focus()
    await page.find('main').trigger('keydown', { key: 'ArrowDown' })
    expect(document.activeElement).toBe(links[1]?.element)
    await page.find('main').trigger('keydown', { key: 'ArrowDown' })
    expect(document.activeElement).toBe(links[1]?.element)
    await page.find('main').trigger('keydown', { key: 'ArrowUp' })
    expect(document.activeElement).toBe(links[0]?.element)
  })
})
