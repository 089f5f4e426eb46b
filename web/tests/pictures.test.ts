import { EditorView } from '@codemirror/view'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, ref, shallowRef } from 'vue'
import { type Picture, Problem, type Sheet } from '@/api/client'
import PictureStrip from '@/desk/source/PictureStrip.vue'
import { NOTHING_READ } from '@/desk/sync/reading'
import { usePictures } from '@/desk/usePictures'
import { sizeInWords } from '@/parts/sizes'
import { plugins } from './plugins'
import { measureNothing, sheet } from './samples'

const api = vi.hoisted(() => ({ addPicture: vi.fn(), changePicture: vi.fn(), pictureEntry: vi.fn() }))
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api }))
measureNothing()

const picture = (number: number, name: string): Picture => ({
  number,
  name,
  address: `/kept/${number}`,
  width: 640,
  height: 480,
  size: 120_000,
})
const file = (name: string, type = 'image/png') => new File(['x'], name, { type })

let view: EditorView
let unmount = () => {}
const refresh = vi.fn()

beforeEach(() => {
  for (const call of Object.values(api)) call.mockReset().mockResolvedValue({})
  refresh.mockReset()
  view = new EditorView({ parent: document.body, doc: 'What is this?' })
  view.dispatch({ selection: { anchor: 8 } })
})
afterEach(() => {
  unmount()
  view.destroy()
})

function open(kept: Picture[] = []) {
  let found!: ReturnType<typeof usePictures>
  const desk = {
    sheet: shallowRef<Sheet | null>(sheet({ pictures: kept })),
    reading: ref(NOTHING_READ),
    view: shallowRef(view),
    async edited(ask: (base: string) => Promise<{ edits: { from: number; to: number; text: string }[] }>) {
      try {
        const { edits } = await ask('h1')
        view.dispatch({ changes: edits.map(({ from, to, text: insert }) => ({ from, to, insert })) })
        return true
      } catch (error) {
        if (error instanceof Problem) return false
        throw error
      }
    },
    settled: async () => {},
    refresh,
    undo: vi.fn(),
    focusSource: vi.fn(),
  }
  const wrapper = mount(
    defineComponent({
      setup() {
        found = usePictures(desk as never, 's1')
        return () => h('div')
      },
    }),
    { global: { plugins: plugins() } },
  )
  unmount = () => wrapper.unmount()
  return found
}

describe('a picture', () => {
  it('is kept, described and put in where the cursor was; the next one follows it', async () => {
    api.addPicture.mockImplementation((_: string, { name }: File) =>
      Promise.resolve(picture(name === 'a.png' ? 1 : 2, name)),
    )
    api.pictureEntry.mockImplementation((_: string, number: number, { offset }: { offset: number }) =>
      Promise.resolve({ edits: [{ from: offset, to: offset, text: `<${number}>` }] }),
    )
    const { put, entry, enter } = open()
    await put([file('a.png'), file('b.png')])
    expect(entry.value).toMatchObject({ offset: 8, isNew: true, picture: { name: 'a.png' } })
    await enter('A hive')
    expect(api.pictureEntry).toHaveBeenCalledWith('s1', 1, { base: 'h1', offset: 8, description: 'A hive' })
    expect(entry.value).toMatchObject({ offset: 11, picture: { name: 'b.png' } })
    await enter('')
    expect(view.state.doc.toString()).toBe('What is <1><2>this?')
    expect(view.state.selection.main.head).toBe(14)
    expect(entry.value).toBeNull()
    expect(refresh).toHaveBeenCalledTimes(2)
  })

  it('that is not put in after all goes again, unless it was there before', async () => {
    api.addPicture.mockResolvedValue(picture(2, 'b.png'))
    const { put, leave, putAgain, entry } = open([picture(1, 'a.png')])
    await put([file('b.png'), file('c.png')])
    await leave()
    expect(api.changePicture).toHaveBeenCalledWith('s1', 2, true)
    expect(api.addPicture).toHaveBeenCalledTimes(1)
    putAgain(picture(1, 'a.png'))
    expect(entry.value).toMatchObject({ offset: 8, isNew: false })
    await leave()
    expect(api.changePicture).toHaveBeenCalledTimes(1)
    expect(view.state.doc.toString()).toBe('What is this?')
  })

  it('that has no place there is not kept', async () => {
    api.addPicture.mockResolvedValue(picture(1, 'a.png'))
    api.pictureEntry.mockRejectedValue(new Problem(422, 'Plain text shows no pictures.'))
    const { put, enter } = open()
    await put([file('a.png')])
    await enter('A hive')
    expect(api.changePicture).toHaveBeenCalledWith('s1', 1, true)
    expect(view.state.doc.toString()).toBe('What is this?')
  })

  it('is taken from the clipboard in the source only, and not where there is text as well', async () => {
    open()
    const paste = (target: EventTarget, text: string, ...files: File[]) => {
      const event = new Event('paste', { bubbles: true, cancelable: true })
      Object.assign(event, { clipboardData: { files, getData: () => text } })
      target.dispatchEvent(event)
      return api.addPicture.mock.calls.length
    }
    expect(paste(document.body, '', file('image.png'))).toBe(0)
    expect(paste(view.contentDOM, 'words', file('image.png'))).toBe(0)
    expect(paste(view.contentDOM, '', file('notes.txt', 'text/plain'))).toBe(0)
    expect(paste(view.contentDOM, '', file('image.png'))).toBe(1)
    await flushPromises()
  })

  it('is dropped into the text, but not together with other files', () => {
    const { takesDrop } = open()
    view.posAtCoords = () => 4
    const drop = { clientX: 1, clientY: 1 } as DragEvent
    expect(takesDrop([file('a.png'), file('b.txt', 'text/plain')], drop)).toBe(false)
    expect(takesDrop([file('a.png')], drop)).toBe(true)
    expect(api.addPicture).toHaveBeenCalledTimes(1)
  })
})

describe('the pictures of a sheet', () => {
  it('say how large they are and where they stand; only what is not used can be removed', async () => {
    const strip = mount(PictureStrip, {
      props: {
        canPut: true,
        pictures: [
          { picture: picture(1, 'hive.png'), use: { number: 1, isUsed: true, questions: [2, 5] } },
          { picture: picture(2, 'skep.png'), use: { number: 2, isUsed: false, questions: [] } },
          { picture: { ...picture(3, 'old.emf'), address: null, width: null }, use: null },
        ],
      },
      global: { plugins: plugins() },
    })
    const rows = strip.findAll('li').map((row) => row.text().replace(/\s+/g, ' '))
    expect(rows[0]).toBe('hive.png640 × 480 · 120 kB in questions 25Insert')
    expect(rows[1]).toContain('not used')
    expect(rows[2]).toContain('cannot be shown')
    await strip.find('[aria-label="Question 5"]').trigger('click')
    await strip.find('[aria-label^="Remove skep"]').trigger('click')
    expect(strip.emitted('question')).toEqual([[5]])
    expect(strip.emitted('remove')).toEqual([[picture(2, 'skep.png')]])
    expect(strip.findAll('[aria-label^="Remove"]')).toHaveLength(1)
  })

  it('have sizes that people read', () => {
    expect([999, 1_499, 999_499, 5_000_000].map(sizeInWords)).toEqual(['999 B', '1 kB', '999 kB', '5.0 MB'])
  })
})
