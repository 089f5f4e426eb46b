import { mount } from '@vue/test-utils'
import { computed, defineComponent } from 'vue'
import { describe, expect, it } from 'vitest'
import type { Finding, Outlook, Reading } from '@/api/client'
import { kindOf, useFindingsList } from '@/desk/leaves/findings/useFindingsList'
import { countOf, findingsOf, NOTHING_READ, offOf, spliced, stateOf, withOutlook } from '@/desk/sync/reading'
import ChangedLines from '@/parts/ChangedLines.vue'
import { plugins } from './plugins'
import { body, finding } from './samples'

const hint = (more: Partial<Finding> = {}) =>
  finding({
    code: 'craft.too-few-options',
    level: 'hint',
    message: 'There are only two options.',
    advice: 'Add a third.',
    ...more,
  })

const fault = hint({
  code: 'gift.mixed-marks',
  level: 'fault',
  message: 'Several answers are marked.',
  fix: { label: 'Share evenly', safe: false, edits: [], of: 'text' },
})

const answer: Reading = {
  hash: 'h1',
  digest: 'd1',
  splice: {
    keepStart: 0,
    keepEnd: 0,
    put: [
      { id: 'one', length: 10, kind: 'question' },
      { id: 'two', length: 10, kind: 'question' },
      { id: 'one', length: 10, kind: 'question' },
    ],
  },
  bodies: [body('one', { findings: [hint({})] }), body('two', { findings: [hint({ from: 5 }), fault] })],
  isRecognised: true,
  ofSheet: [],
}

const outlook: Outlook = {
  isCompared: true,
  points: '3',
  categories: [],
  pictures: [],
  hash: 'h1',
  findings: [
    { question: 3, finding: hint({ code: 'craft.stem-repeated', level: 'doubt', message: 'Asked before.' }) },
    { question: null, finding: hint({ code: 'marking.key-position', message: 'Place A.' }) },
  ],
  marks: { total: '3', guess: '1', halfChance: { least: '12.5', most: '12.5', exact: '1/8' } },
  offered: [],
  untidied: null,
}

describe('what all questions together show', () => {
  const reading = withOutlook(spliced(NOTHING_READ, answer), outlook)

  it('is said of the question it is of, and counted', () => {
    expect(reading.blocks.map((block) => stateOf(block))).toEqual(['hint', 'fault', 'doubt'])
    expect(countOf(reading)).toMatchObject({ questions: 3, sound: 2, fault: 1, doubt: 1, hint: 4 })
    expect(reading.seen.marks?.guess).toBe('1')
  })

  it('is left aside when it is of another text', () => {
    const other = withOutlook(spliced(NOTHING_READ, answer), { ...outlook, hash: 'h0' })
    expect(countOf(other).doubt).toBe(0)
  })

  it('stays with its question while others are typed in', () => {
    const typed = spliced(reading, {
      hash: 'h2',
      digest: 'd2',
      splice: { keepStart: 1, keepEnd: 1, put: [{ id: 'new', length: 4, kind: 'question' }] },
      bodies: [body('new', { findings: [] })],
      isRecognised: true,
      ofSheet: [],
    })
    expect(typed.blocks.map((block) => stateOf(block))).toEqual(['hint', 'sound', 'doubt'])
  })
})

describe('what is switched off', () => {
  it('is counted, and nowhere else', () => {
    const off = spliced(NOTHING_READ, {
      ...answer,
      bodies: [body('one', { findings: [hint({ off: true })] }), body('two', { findings: [{ ...fault, off: true }] })],
    })
    expect(off.blocks.map((block) => stateOf(block))).toEqual(['sound', 'sound', 'sound'])
    expect([...offOf(off)]).toEqual([
      ['craft.too-few-options', 2],
      ['gift.mixed-marks', 1],
    ])
    expect(findingsOf(off)).toEqual([])
  })
})

function listOf(reading = withOutlook(spliced(NOTHING_READ, answer), outlook)) {
  let list!: ReturnType<typeof useFindingsList>
  mount(
    defineComponent({
      setup() {
        list = useFindingsList(computed(() => findingsOf(reading)))
        return () => null
      },
    }),
    { global: { plugins: plugins() } },
  )
  return list
}

describe('the list of findings', () => {
  it('goes by question in the order of the text, the whole sheet first', () => {
    expect(listOf().items.value.map(({ heading, all }) => [heading, all])).toEqual([
      ['Whole sheet', 1],
      ['Question 1', 1],
      ['Question 2', 2],
      ['Question 3', 2],
    ])
  })

  it('goes by kind, the worst first, with how many could be mended', () => {
    const list = listOf()
    list.grouping.value = 'kind'
    const kinds = list.items.value.filter(({ code }) => code)
    expect(kinds.map(({ heading, all, mendable }) => [heading, all, mendable])).toEqual([
      ['Mixed marks', 1, 1],
      ['Stem repeated', 1, 0],
      ['Too few options', 3, 0],
      ['Key position', 1, 0],
    ])
    expect(list.items.value).toHaveLength(10)
  })

  it('is filtered by level and searched by words and numbers', () => {
    const list = listOf()
    list.level.value = 'hint'
    expect(list.shown.value).toHaveLength(4)
    list.sought.value = 'few 2'
    expect(list.shown.value.map(({ block }) => block?.number)).toEqual([2])
    list.level.value = null
    list.sought.value = 'asked BEFORE'
    expect(list.shown.value).toHaveLength(1)
    list.sought.value = 'nothing like that'
    expect(list.items.value).toEqual([])
  })

  it('names kinds in words', () => {
    expect(kindOf('aiken.option-duplicate-letter')).toBe('Option duplicate letter')
  })
})

describe('lines before and after', () => {
  const changes = (before: string, after: string) => {
    const lines = mount(ChangedLines, {
      props: { places: [{ line: 3, before, after }] },
      global: { plugins: plugins() },
    })
    return [lines.findAll('del').map((one) => one.text()), lines.findAll('ins').map((one) => one.text())]
  }

  it('marks sign by sign where both are as long', () => {
    expect(changes('Königin süß', 'Kˆnigin s¸fl'.slice(0, 11))).toEqual([
      ['ö', 'üß'],
      ['ˆ', '¸f'],
    ])
  })

  it('marks one stretch where they are not', () => {
    expect(changes('{=a =b}', '{~%50%a =b}')).toEqual([['='], ['~%50%']])
  })
})
