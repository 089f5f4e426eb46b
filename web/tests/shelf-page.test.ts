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
  copy: vi.fn(),
  gather: vi.fn(),
  search: vi.fn(),
  addGroup: vi.fn(),
  changeGroup: vi.fn(),
  removeGroup: vi.fn(),
}))
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api }))

const push = vi.hoisted(() => vi.fn())
vi.mock('vue-router', async (original) => ({ ...(await original<object>()), useRouter: () => ({ push }) }))

const say = vi.hoisted(() => vi.fn())
vi.mock('@/composables/useNotice', () => ({
  useNotice: () => ({ say, asked: (call: () => Promise<unknown>) => call() }),
}))

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
  group: null,
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
  api.shelf.mockResolvedValue({ groups: [], sheets: [sheet('1', 'Swarms'), sheet('2', 'Honey')] })
  api.search.mockResolvedValue({ hits: [], isAll: true })
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
    api.shelf.mockResolvedValue({ groups: [], sheets: [] })
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
    api.shelf.mockResolvedValue({ groups: [], sheets: [sheet('2', 'Honey')] })
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

describe('several sheets', () => {
  beforeEach(() => {
    api.shelf.mockResolvedValue({
      groups: [{ id: 'g', name: 'Spring', isFolded: false }],
      sheets: [sheet('1', 'Swarms'), sheet('2', 'Honey')],
    })
  })

  const button = (name: string) => page.findAll('.chosen-bar button').find((one) => one.text() === name)
  async function pickBoth(): Promise<void> {
    await open()
    for (const title of page.findAll('.title')) await title.trigger('keydown', { key: ' ' })
  }

  it('are chosen by key, and none by Escape', async () => {
    await pickBoth()
    expect(page.find('.chosen-bar').text()).toContain('2 sheets chosen')
    await page.findAll('.title')[0]?.trigger('keydown', { key: ' ' })
    expect(page.find('.chosen-bar').text()).toContain('1 sheet chosen')
    expect(button('Join into one sheet')).toBeUndefined()
    await page.find('main').trigger('keydown', { key: 'Escape' })
    expect(page.find('.chosen-bar').exists()).toBe(false)
  })

  it('are joined in the order of the shelf, and a reason why not is shown', async () => {
    await pickBoth()
    api.gather.mockRejectedValueOnce(new Problem(422, 'They are in different notations.'))
    await button('Join into one sheet')?.trigger('click')
    await flushPromises()
    expect(api.gather).toHaveBeenCalledWith([{ sheet: '1' }, { sheet: '2' }], 'Swarms')
    expect(page.find('[role=alert]').text()).toContain('They are in different notations.')
    api.gather.mockResolvedValue({ id: '9', title: 'Swarms (2)' })
    await button('Join into one sheet')?.trigger('click')
    await flushPromises()
    expect(push).toHaveBeenCalledWith({ name: 'desk', params: { id: '9', leaf: 'proof' } })
  })

  it('are removed together, and come back together', async () => {
    await pickBoth()
    await button('Remove')?.trigger('click')
    await flushPromises()
    expect(api.takeOff.mock.calls).toEqual([['1'], ['2']])
    const [text, undo] = say.mock.calls[0] as [string, () => Promise<unknown>]
    expect(text).toBe('2 sheets were removed.')
    await undo()
    expect(api.putBack.mock.calls).toEqual([['1'], ['2']])
  })

  it('are copied and put into a group', async () => {
    await pickBoth()
    api.copy.mockResolvedValue({ title: 'Swarms (2)' })
    await button('Copy')?.trigger('click')
    await flushPromises()
    expect(api.copy.mock.calls).toEqual([['1'], ['2']])
    expect(page.find('.chosen-bar').exists()).toBe(false)
    await page.find('.title').trigger('keydown', { key: ' ' })
    page.findComponent({ name: 'Select' }).vm.$emit('update:modelValue', 'g')
    await flushPromises()
    expect(api.change.mock.calls).toEqual([['1', { group: 'g' }]])
  })
})

describe('groups', () => {
  beforeEach(() => {
    api.shelf.mockResolvedValue({
      groups: [
        { id: 'g', name: 'Spring', isFolded: false },
        { id: 'h', name: 'Autumn', isFolded: true },
      ],
      sheets: [sheet('1', 'Swarms'), { ...sheet('2', 'Honey'), group: 'g' }, { ...sheet('3', 'Wax'), group: 'h' }],
    })
  })

  it('stand above the sheets in none, and hide what is folded, but not from a search', async () => {
    await open()
    expect(page.findAll('.fold').map((head) => head.text())).toEqual(['▾ Spring 1 sheet', '▸ Autumn 1 sheet'])
    expect(page.findAll('.title').map((title) => title.text())).toEqual(['Honey', 'Swarms'])
    await page.find('input[type=search]').setValue('wax')
    expect(page.findAll('.title').map((title) => title.text())).toEqual(['Wax'])
    expect(page.findAll('.fold')).toHaveLength(1)
  })

  it('are one list for the arrow keys, with one stop for Tab', async () => {
    await open()
    const stops = page.findAll('[data-stop]')
    ;(stops[0]?.element as HTMLElement).focus()
    for (const index of [1, 2, 3]) {
      await page.find('main').trigger('keydown', { key: 'ArrowDown' })
      expect(document.activeElement).toBe(stops[index]?.element)
    }
    expect(page.findAll('[data-stop][tabindex="0"]')).toHaveLength(1)
  })

  it('take a sheet in by key: to the group above or below', async () => {
    await open()
    await page.findAll('.title')[1]?.trigger('keydown', { key: 'ArrowUp', altKey: true })
    await flushPromises()
    expect(api.change).toHaveBeenLastCalledWith('1', { group: 'h' })
    await page.findAll('.title')[1]?.trigger('keydown', { key: 'ArrowDown', altKey: true })
    await flushPromises()
    expect(api.change).toHaveBeenCalledOnce()
  })

  it('take in what is dragged there', async () => {
    await open()
    const data = new Map<string, string>()
    const transfer = {
      types: ['application/x-notagram-sheet'],
      files: [],
      setData: (type: string, value: string) => data.set(type, value),
      getData: (type: string) => data.get(type) ?? '',
    }
    const event = (type: string) =>
      Object.assign(new Event(type, { bubbles: true, cancelable: true }), { dataTransfer: transfer })
    page.findAll('.sheet-row')[1]?.element.dispatchEvent(event('dragstart'))
    page.find('.group-head').element.dispatchEvent(event('drop'))
    await flushPromises()
    expect(api.change).toHaveBeenCalledExactlyOnceWith('1', { group: 'g' })
  })

  it('are folded, moved, renamed and removed; a removed one comes back with its sheets', async () => {
    await open()
    const head = page.find('.fold')
    await head.trigger('click')
    expect(api.changeGroup).toHaveBeenLastCalledWith('g', { isFolded: true })
    await head.trigger('keydown', { key: 'ArrowDown', altKey: true })
    expect(api.changeGroup).toHaveBeenLastCalledWith('g', { position: 1 })
    await head.trigger('keydown', { key: 'ArrowUp', altKey: true })
    expect(api.changeGroup).toHaveBeenCalledTimes(2)
    await head.trigger('keydown', { key: 'F2' })
    await page.find('.group-head input').setValue('Early spring')
    await page.find('.group-head input').trigger('keydown', { key: 'Enter' })
    expect(api.changeGroup).toHaveBeenLastCalledWith('g', { name: 'Early spring' })
    await flushPromises()
    await page.find('.fold').trigger('keydown', { key: 'Delete' })
    await flushPromises()
    expect(api.removeGroup).toHaveBeenCalledExactlyOnceWith('g')
    const [text, undo] = say.mock.calls[0] as [string, () => Promise<unknown>]
    expect(text).toBe('The group “Spring” was removed. Its sheets are still on the shelf.')
    api.addGroup.mockResolvedValue({ id: 'again' })
    await undo()
    expect(api.changeGroup).toHaveBeenLastCalledWith('again', { position: 0, isFolded: false })
    expect(api.change).toHaveBeenCalledExactlyOnceWith('2', { group: 'again' })
  })
})

describe('a search', () => {
  const hit = (sheetId: string, question: number | null) => ({
    sheet: sheetId,
    title: 'Swarms',
    question,
    before: 'Which ',
    match: 'queen',
    after: '?',
  })

  it('goes through the questions, leads to them, and gathers those that are chosen', async () => {
    await open()
    api.search.mockResolvedValue({ hits: [hit('1', 3), hit('2', 1), hit('1', null), hit('1', 5)], isAll: false })
    await page.find('input[type=search]').setValue(' queen ')
    await vi.waitFor(() => expect(page.find('.search-hits').exists()).toBe(true))
    expect(api.search).toHaveBeenCalledExactlyOnceWith('queen')
    const hits = page.find('.search-hits')
    expect(hits.find('h2').text()).toBe('Found in 4 places')
    expect(hits.find('mark').text()).toBe('queen')
    expect(hits.find('a').attributes('href')).toBe('/sheets/1/proof?question=3')
    expect(hits.text()).toContain('Only the first 4 places are shown.')
    expect(hits.findAll('input')).toHaveLength(3)

    api.gather.mockResolvedValue({ id: '9', title: 'queen' })
    for (const box of hits.findAll('input')) await box.setValue(true)
    await hits.find('button').trigger('click')
    await flushPromises()
    expect(api.gather).toHaveBeenCalledExactlyOnceWith(
      [
        { sheet: '1', questions: [3, 5] },
        { sheet: '2', questions: [1] },
      ],
      'queen',
    )
  })
})
