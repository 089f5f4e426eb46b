import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { createI18n } from 'vue-i18n'
import type { Question } from '@/api/client'
import QuestionProof from '@/desk/leaves/proof/QuestionProof.vue'
import { en } from '@/locales/en'

const question = (more: Partial<Question>): Question => ({
  type: 'choice',
  title: null,
  points: null,
  stem: 'Which?',
  options: [],
  accepted: [],
  pairs: [],
  answer: null,
  feedbackWhenRight: null,
  feedbackWhenWrong: null,
  explanation: null,
  isMarked: true,
  marks: null,
  ...more,
})

const option = (html: string, key: boolean, weight: string) => ({
  html,
  key,
  weight,
  feedback: key ? 'Well seen.' : null,
})

function proof(of: Partial<Question>, showAnswers = true) {
  const i18n = createI18n({ legacy: false, locale: 'en', messages: { en } })
  return mount(QuestionProof, {
    props: { question: question(of), number: 3, showAnswers },
    global: { plugins: [i18n] },
  })
}

describe('a question as a pupil sees it', () => {
  const options = [option('one', true, '100'), option('two', false, '0')]

  it('fills the right answer, and says so', () => {
    const wrapper = proof({ options })
    expect(wrapper.findAll('.bubble').map((bubble) => bubble.text())).toEqual(['A', 'B'])
    expect(wrapper.findAll('.bubble').map((bubble) => bubble.attributes('aria-pressed'))).toEqual(['true', 'false'])
    expect(wrapper.find('.bubble.is-key').exists()).toBe(true)
    expect(wrapper.text()).toContain('Well seen.')
  })

  it('hides everything that gives the answer away', () => {
    const hidden = [
      proof({ options, explanation: 'Because.' }, false),
      proof({ type: 'true-false', answer: true, feedbackWhenWrong: 'No.' }, false),
      proof({ type: 'short-answer', accepted: [{ text: 'wax', weight: '100', feedback: null }] }, false),
      proof({ type: 'matching', pairs: [{ prompt: 'super', match: 'honey' }] }, false),
    ]
    for (const wrapper of hidden) {
      expect(wrapper.find('.is-key').exists()).toBe(false)
      expect(wrapper.text()).not.toMatch(/right|Well seen|Because|No\.|wax|honey/)
      expect(wrapper.classes()).toContain('hides-answers')
    }
  })

  it('shows what each option earns where that says something', () => {
    expect(proof({ options }).find('.share').exists()).toBe(false)
    const several = proof({
      type: 'multiple-response',
      options: [option('one', true, '50'), option('two', false, '−50')],
    })
    expect(several.findAll('.share').map((share) => share.text())).toEqual(['50 %', '−50 %'])
  })

  it('says that nothing is marked yet', () => {
    expect(proof({ options: [option('one', false, '0')], isMarked: false }).text()).toContain('no right answer yet')
    expect(proof({ type: 'true-false', isMarked: false }).text()).toContain('no right answer yet')
  })

  it('names a question without a title by its number, and its points', () => {
    expect(proof({ points: '2.5' }).find('h3').text()).toContain('Question 3')
    expect(proof({ points: '2.5' }).find('h3').text()).toContain('2.5 points')
  })
})
