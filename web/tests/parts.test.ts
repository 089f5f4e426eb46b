import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import type { Finding } from '@/api/client'
import FindingNote from '@/desk/leaves/FindingNote.vue'
import SaveNote from '@/desk/SaveNote.vue'
import SheetTitle from '@/desk/SheetTitle.vue'
import ExampleStrip from '@/desk/source/ExampleStrip.vue'
import ConflictDialog from '@/desk/ConflictDialog.vue'
import BeadShape from '@/parts/BeadShape.vue'
import HelpDialog from '@/parts/HelpDialog.vue'
import SheetRow from '@/shelf/SheetRow.vue'
import PasteDialog from '@/shelf/PasteDialog.vue'
import { useActionKeys } from '@/composables/actions'
import { plugins } from './plugins'

vi.mock('@/composables/useOffer', () => ({
  useOffer: () => ({
    labelOf: (id: string) => ({ gift: 'GIFT' })[id] ?? id,
    offer: { value: { notations: [], encodings: [] } },
  }),
}))

const global = () => ({ plugins: plugins(), stubs: { teleport: true, transition: false } })

beforeEach(() => {
  vi.stubGlobal('matchMedia', () => ({
    matches: false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }))
})

const finding = (more: Partial<Finding> = {}): Finding => ({
  code: 'gift.brace-unclosed',
  other: null,
  level: 'fault',
  from: 0,
  to: 1,
  message: 'The answers that start here are never closed.',
  advice: 'Add } after the last answer.',
  fix: { label: 'Close the answers', safe: false, edits: [], of: 'text' },
  off: false,
  ...more,
})

describe('a finding', () => {
  it('says its level in words, what is wrong, and what its fix does', async () => {
    const note = mount(FindingNote, { props: { finding: finding(), isHere: true }, global: global() })
    expect(note.text()).toMatch(/^Fault\s+The answers that start here are never closed\./)
    expect(note.find('button').text()).toMatch(/Close the answers\s+F2/)
    await note.find('button').trigger('click')
    expect(note.emitted('mend')).toHaveLength(1)
  })

  it('says what to do where nothing can be pressed', () => {
    const note = mount(FindingNote, { props: { finding: finding({ fix: null }) }, global: global() })
    expect(note.find('button').exists()).toBe(false)
    expect(note.text()).toContain('Add } after the last answer.')
  })

  it('shows its key only where the key would mend it', () => {
    expect(mount(FindingNote, { props: { finding: finding() }, global: global() }).text()).not.toContain('F2')
  })
})

describe('the state of saving', () => {
  it.each([
    ['saved', /^Saved \d\d:\d\d$/],
    ['typing', /Typing/],
    ['saving', /Saving/],
    ['offline', /Kept in this browser/],
    ['conflict', /Changed in another window/],
    ['gone', /Removed/],
    ['refused', /Not saved/],
  ] as const)('%s is said in words', (state, words) => {
    const note = mount(SaveNote, { props: { state, savedAt: '2026-11-25T10:00:00Z' }, global: global() })
    expect(note.text()).toMatch(words)
    expect(note.attributes('role')).toBe('status')
  })
})

describe('the help', () => {
  it('says once what each of our own words means', async () => {
    const help = mount(HelpDialog, { props: { modelValue: true, actions: [] }, global: global() })
    await nextTick()
    const words = help.findAll('dt').map((word) => word.text())
    expect(words).toEqual(expect.arrayContaining(['Sheet', 'Source', 'Leaf', 'Proof', 'Spine', 'Bead', 'Hand over']))
    expect(help.findAll('dd')).toHaveLength(words.length)
  })
})

describe('a bead', () => {
  it.each([
    ['sound', /^M-12 0a12 12/],
    ['hint', /^M-12 0a12 12/],
    ['doubt', /^M0 -[\d.]+l[\d.]+ [\d.]+h-[\d.]+z$/],
    ['fault', /^M-10.08 -10.08h20.16v20.16h-20.16z$/],
    ['broken', /^M-10.08 -10.08h20.16v20.16h-20.16z$/],
    ['unread', /^M-8 0a8 8/],
  ] as const)('shows %s by its shape, not by colour alone', (state, shape) => {
    const bead = mount(BeadShape, { props: { state } })
    expect(bead.attributes('d')).toMatch(shape)
    expect(bead.classes()).toContain(`is-${state}`)
  })

  it('stands in a row with those of its state', () => {
    const beads = mount(BeadShape, { props: { state: 'sound', size: 10, at: [6, 20] } })
    expect(beads.attributes('d')?.match(/M[-\d.]+ /g)).toEqual(['M1 ', 'M15 '])
  })
})

describe('the title of a sheet', () => {
  it('is renamed with Enter, and left alone with Escape', async () => {
    const title = mount(SheetTitle, { props: { title: 'Swarms' }, global: global() })
    await title.find('button').trigger('click')
    await title.find('input').setValue('  Bees ')
    await title.find('input').trigger('keydown', { key: 'Escape' })
    expect(title.emitted('rename')).toBeUndefined()
    await title.find('button').trigger('click')
    await title.find('input').setValue('  Bees ')
    await title.find('input').trigger('keydown', { key: 'Enter' })
    expect(title.emitted('rename')).toEqual([['Bees']])
  })

  it('is not renamed to nothing, or to what it was', async () => {
    const title = mount(SheetTitle, { props: { title: 'Swarms' }, global: global() })
    for (const name of ['  ', 'Swarms']) {
      await title.find('button').trigger('click')
      await title.find('input').setValue(name)
      await title.find('input').trigger('keydown', { key: 'Enter' })
    }
    expect(title.emitted('rename')).toBeUndefined()
  })
})

describe('an example', () => {
  const examples = [
    { type: 'choice', text: 'x {=a ~b}', explanation: 'One.' },
    { type: 'true-false', text: 'x {T}', explanation: 'Two.' },
  ] as const

  it('follows the type of question at the cursor, and is inserted as it is read', async () => {
    const strip = mount(ExampleStrip, {
      props: { examples, type: null, understood: 'Between the questions', holdsPictures: false, canDraft: true },
      global: global(),
    })
    expect(strip.find('pre').text()).toBe('x {=a ~b}')
    await strip.setProps({ type: 'true-false' })
    expect(strip.find('pre').text()).toBe('x {T}')
    expect(strip.text()).toContain('Two.')
    await strip.findAll('button').at(-1)?.trigger('click')
    expect(strip.emitted('insert')).toEqual([['x {T}']])
  })

  it('stays where the cursor is in no question', async () => {
    const strip = mount(ExampleStrip, {
      props: {
        examples,
        type: 'true-false',
        understood: 'Between the questions',
        holdsPictures: false,
        canDraft: true,
      },
      global: global(),
    })
    await strip.setProps({ type: null })
    expect(strip.find('pre').text()).toBe('x {T}')
  })

  it('of a type that the notation does not hold is the first', () => {
    expect(
      mount(ExampleStrip, {
        props: { examples, type: 'essay', understood: 'Between the questions', holdsPictures: false, canDraft: true },
        global: global(),
      })
        .find('pre')
        .text(),
    ).toBe('x {=a ~b}')
  })
})

describe('help', () => {
  const run = vi.fn()
  const actions = [
    { id: 'next', keys: 'F8', run },
    { id: 'dark', keys: '' },
  ]

  it('lists every action with its key, and finds one by a word of it', async () => {
    const help = mount(HelpDialog, { props: { actions, modelValue: true }, global: global() })
    await flushPromises()
    expect(help.findAll('.actions li').map((item) => item.text())).toEqual([
      'Go to the next finding, hints lastF8',
      'Switch between light and dark',
    ])
    await help.find('input').setValue('dark')
    expect(help.findAll('.actions li')).toHaveLength(1)
  })

  it('does what is chosen, and closes', async () => {
    const help = mount(HelpDialog, { props: { actions, modelValue: true }, global: global() })
    await flushPromises()
    await help.find('.actions button').trigger('click')
    expect(run).toHaveBeenCalledOnce()
    expect(help.emitted('update:modelValue')).toEqual([[false]])
  })
})

describe('a pasted text', () => {
  it('is put on the shelf under the name it was given, or under none', async () => {
    const paste = mount(PasteDialog, { props: { modelValue: true }, global: global() })
    await flushPromises()
    await paste.find('textarea').setValue('x {T}')
    await paste.findAll('button').at(-1)?.trigger('click')
    expect(paste.emitted('paste')?.[0]?.[0]).toBeNull()
    expect(paste.emitted('paste')?.[0]?.[1]).toBe('x {T}')
  })

  it('of blanks alone cannot be put there', async () => {
    const paste = mount(PasteDialog, { props: { modelValue: true }, global: global() })
    await flushPromises()
    await paste.find('textarea').setValue(' \n ')
    expect(paste.findAll('button').at(-1)?.attributes('disabled')).toBeDefined()
  })
})

describe('a finding that speaks of another sheet', () => {
  it('opens that sheet beside, at its question', () => {
    const of = (other: Finding['other']) =>
      mount(FindingNote, { props: { finding: finding({ other }) }, global: global() }).find('a')
    expect(of({ sheet: 's2', question: 3 }).attributes()).toMatchObject({
      href: '/sheets/s2/proof?question=3',
      target: '_blank',
    })
    expect(of({ sheet: 's2', question: null }).attributes('href')).toBe('/sheets/s2/proof')
    expect(of(null).exists()).toBe(false)
  })
})

describe('a sheet on the shelf', () => {
  const sheet = {
    id: '1',
    title: 'Swarms',
    notation: 'gift',
    changedAt: new Date().toISOString(),
    states: 'ssdfb',
    count: 5,
    sound: 3,
    expected: null,
    unmarked: 0,
    awaitsTidying: false,
    group: null,
  }

  it('says how many are sound, of how many', () => {
    const row = mount(SheetRow, { props: { sheet }, global: global() })
    expect(row.find('.count').text().replace(/\s+/g, ' ')).toBe('3 of 5 ready')
    expect(row.find('.count b').classes()).toContain('is-short')
    expect(row.find('.notation').text()).toBe('GIFT')
    expect(row.find('a').attributes('href')).toBe('/sheets/1/proof')
  })

  it('says when another number was expected, and when there is nothing', () => {
    expect(mount(SheetRow, { props: { sheet: { ...sheet, expected: 6 } }, global: global() }).text()).toContain(
      '6 expected',
    )
    expect(mount(SheetRow, { props: { sheet: { ...sheet, expected: 5 } }, global: global() }).text()).not.toContain(
      'expected',
    )
    expect(
      mount(SheetRow, { props: { sheet: { ...sheet, count: 0, sound: 0, states: '' } }, global: global() }).text(),
    ).toContain('no questions')
  })

  it('says what it waits for, and opens where that is done', () => {
    const untidy = mount(SheetRow, {
      props: { sheet: { ...sheet, awaitsTidying: true, unmarked: 7 } },
      global: global(),
    })
    expect(untidy.find('.waits').text()).toBe('not tidied yet')
    expect(untidy.find('a').attributes('href')).toBe('/sheets/1/tidied')
    const unmarked = mount(SheetRow, { props: { sheet: { ...sheet, unmarked: 7 } }, global: global() })
    expect(unmarked.find('.waits').text()).toBe('7 answers to mark')
  })

  it('is renamed by key, and taken off by key', async () => {
    const row = mount(SheetRow, { props: { sheet }, global: global(), attachTo: document.body })
    await row.find('a').trigger('keydown', { key: 'F2' })
    await row.find('.name input').setValue('Bees')
    await row.find('.name input').trigger('keydown', { key: 'Delete' })
    expect(row.emitted('takeOff')).toBeUndefined()
    await row.find('.name input').trigger('keydown', { key: 'Enter' })
    await nextTick()
    expect(row.emitted('rename')).toEqual([['Bees']])
    await row.find('a').trigger('keydown', { key: 'Delete' })
    expect(row.emitted('takeOff')).toHaveLength(1)
    row.unmount()
  })
})

describe('two texts of one sheet', () => {
  it('are both shown, and either can stay', async () => {
    const dialog = mount(ConflictDialog, { props: { mine: 'typed here', theirs: 'stands there' }, global: global() })
    await flushPromises()
    expect(dialog.findAll('pre').map((text) => text.text())).toEqual(['typed here', 'stands there'])
    for (const button of dialog.findAll('section button')) await button.trigger('click')
    expect(dialog.emitted('settle')).toEqual([['mine'], ['theirs']])
  })
})

describe('keys of the page', () => {
  const press = (key: string, more: KeyboardEventInit = {}, at: EventTarget = window) =>
    at.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true, bubbles: true, ...more }))

  it('work wherever the cursor is, with the keys held that are meant, and not in a dialog', () => {
    const [plain, shifted] = [vi.fn(), vi.fn()]
    const actions = [
      { id: 'next', keys: 'F8', run: plain },
      { id: 'previous', keys: 'Shift F8', run: shifted },
      { id: 'leaveEditor', keys: 'Esc Tab' },
    ]
    const page = mount({ template: '<i />', setup: () => useActionKeys(actions) })
    expect(press('F8')).toBe(false)
    press('F8', { shiftKey: true })
    press('F8', { ctrlKey: true })
    expect([plain.mock.calls.length, shifted.mock.calls.length]).toEqual([1, 1])
    const dialog = document.createElement('div')
    dialog.setAttribute('role', 'dialog')
    document.body.append(dialog)
    expect(press('F8')).toBe(true)
    dialog.remove()
    page.unmount()
    press('F8')
    expect(plain).toHaveBeenCalledOnce()
  })

  it('with Ctrl are left to the fields where something is typed', () => {
    const [undo, redo] = [vi.fn(), vi.fn()]
    const actions = [
      { id: 'undo', keys: 'Ctrl Z', run: undo },
      { id: 'redo', keys: 'Ctrl Y', run: redo },
    ]
    const page = mount({ template: '<i />', setup: () => useActionKeys(actions) })
    const field = document.body.appendChild(document.createElement('textarea'))
    press('z', { ctrlKey: true }, field)
    press('z')
    expect(undo).not.toHaveBeenCalled()
    press('z', { ctrlKey: true })
    press('Z', { ctrlKey: true, shiftKey: true })
    press('y', { metaKey: true })
    expect([undo.mock.calls.length, redo.mock.calls.length]).toEqual([1, 2])
    field.remove()
    page.unmount()
  })
})
