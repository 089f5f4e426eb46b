import { computed, type ComputedRef, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Level } from '@/api/client'
import type { PlacedBlock, PlacedFinding } from '../../sync/reading'
import type { FacingItem } from '../../useFacing'

/** The findings of one question; or a kind of finding; or one finding of a kind. */
export interface FindingsItem extends FacingItem {
  heading: string | null
  /** The kind that the heading is of. */
  code: string | null
  /** How many of it there are, and how many of these could be mended. */
  all: number
  mendable: number
  findings: PlacedFinding[]
}

/** A kind of finding in words: its code without the area, which stands beside it. */
export function kindOf(code: string): string {
  const words = code.slice(code.indexOf('.') + 1).replaceAll('-', ' ')
  return words.charAt(0).toUpperCase() + words.slice(1)
}

const LEVELS: readonly Level[] = ['fault', 'doubt', 'hint']
const rankOf = ([placed]: readonly PlacedFinding[]) => (placed ? LEVELS.indexOf(placed.finding.level) : 0)

/** The findings as they are grouped, filtered and searched for. */
export function useFindingsList(findings: ComputedRef<PlacedFinding[]>) {
  const { t } = useI18n()
  const level = ref<Level | null>(null)
  const grouping = ref<'question' | 'kind'>('question')
  const sought = ref('')

  const shown = computed(() => {
    const words = sought.value.toLowerCase().split(/\s+/).filter(Boolean)
    return findings.value.filter(({ finding, block }) => {
      if (level.value && finding.level !== level.value) return false
      if (!words.length) return true
      const title = block?.body.question?.title ?? ''
      const text = `${finding.code} ${kindOf(finding.code)} ${finding.message} ${finding.advice} ${title}`.toLowerCase()
      return words.every((word) => text.includes(word) || word === String(block?.number))
    })
  })

  const byQuestion = computed<FindingsItem[]>(() => {
    const groups = new Map<PlacedBlock | null, PlacedFinding[]>()
    for (const placed of shown.value) {
      const group = groups.get(placed.block)
      if (group) group.push(placed)
      else groups.set(placed.block, [placed])
    }
    return [...groups].map(([block, list]) => ({
      key: block?.key ?? 'sheet',
      block,
      heading: nameOf(block),
      code: null,
      all: list.length,
      mendable: 0,
      findings: list,
    }))
  })

  // One item a finding, so that a thousand of one kind are drawn only where they are seen.
  const byKind = computed<FindingsItem[]>(() => {
    const groups = new Map<string, PlacedFinding[]>()
    for (const placed of shown.value) {
      const group = groups.get(placed.finding.code)
      if (group) group.push(placed)
      else groups.set(placed.finding.code, [placed])
    }
    return [...groups]
      .sort(([, one], [, other]) => rankOf(one) - rankOf(other) || other.length - one.length)
      .flatMap(([code, list]) => [
        {
          key: `kind.${code}`,
          block: null,
          heading: kindOf(code),
          code,
          all: list.length,
          mendable: list.filter(({ finding }) => finding.fix?.of === 'text').length,
          findings: [],
        },
        ...list.map((placed) => ({
          key: `one.${placed.key}`,
          block: null,
          heading: null,
          code: null,
          all: 1,
          mendable: 0,
          findings: [placed],
        })),
      ])
  })

  const items = computed(() => (grouping.value === 'kind' ? byKind.value : byQuestion.value))

  function nameOf(block: PlacedBlock | null): string {
    if (!block) return t('findings.wholeSheet')
    if (block.kind === 'category') return t('findings.category', { category: block.category.join(' / ') })
    const question = block.number === null ? t('findings.noQuestion') : t('findings.question', { number: block.number })
    const title = block.body.question?.title
    return title ? `${question} · ${title}` : question
  }

  return { level, grouping, sought, shown, items, nameOf }
}
