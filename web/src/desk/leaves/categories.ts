import { computed, type Ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PlacedBlock, SheetReading } from '../sync/reading'

/** A path as it is typed: names between slashes with spaces around them; a slash without them is part of a name. */
export const pathOf = (typed: string) =>
  typed
    .split(/\s+\/\s+/)
    .map((name) => name.trim())
    .filter(Boolean)
export const spelled = (path: readonly string[]) => path.join(' / ')

/** What is filed under each category, wherever it stands, and where each begins. */
export function useCategories(reading: Readonly<Ref<SheetReading>>) {
  const { t } = useI18n()
  const totals = computed(() => new Map(reading.value.seen.categories.map((one) => [spelled(one.path), one])))
  const openings = computed(() => reading.value.blocks.filter(({ kind }) => kind === 'category'))
  /** The first stretch of each. */
  const firsts = computed(() => {
    const found = new Map<string, string>()
    for (const { category, key } of openings.value) if (!found.has(spelled(category))) found.set(spelled(category), key)
    return new Set(found.values())
  })

  /** What is said beside a place where one begins; a later stretch of it only goes on. */
  function sumsOf({ category, key }: PlacedBlock): string {
    if (!firsts.value.has(key)) return t('outline.goesOn')
    const total = totals.value.get(spelled(category))
    if (!total) return ''
    return [
      t('shelf.questions', total.questions, { named: { n: total.questions.toLocaleString('en') } }),
      t('proof.points', Number(total.points), { named: { n: total.points } }),
    ].join(' · ')
  }

  return { sumsOf, isScattered: computed(() => openings.value.length > firsts.value.size) }
}
