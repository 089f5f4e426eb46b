import { computed, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, Problem, type Shelf, type ShelfGroup, type ShelfSheet } from '@/api/client'
import { useNotice } from '@/composables/useNotice'

/** A stretch of the shelf: a group with its sheets, or those that are in none. */
export interface Section {
  group: ShelfGroup | null
  sheets: readonly ShelfSheet[]
}

/** The sheets and their groups, and what can be done with them; each change is followed by the shelf as it is then. */
export function useShelf() {
  const { t } = useI18n()
  const { say, asked } = useNotice()
  const shelf = shallowRef<Shelf | null>(null)
  const unread = ref<string | null>(null)

  const sheets = computed(() => shelf.value?.sheets ?? null)
  const groups = computed(() => shelf.value?.groups ?? [])

  async function load(): Promise<void> {
    try {
      shelf.value = await api.shelf()
      unread.value = null
    } catch (error) {
      unread.value = error instanceof Problem ? error.message : String(error)
    }
  }

  /** Does something on the server, and shows the shelf after it; what cannot be done is said. */
  async function doing<T>(call: () => Promise<T>): Promise<T | null> {
    const answer = await asked(call)
    await load()
    return answer
  }

  const rename = (id: string, title: string) => doing(() => api.change(id, { title }))

  /** Removed sheets come back together, by one undo. */
  async function takeOff(ids: readonly string[]): Promise<void> {
    const titles = (sheets.value ?? []).filter(({ id }) => ids.includes(id)).map(({ title }) => title)
    const each = (call: (id: string) => Promise<unknown>) => doing(() => Promise.all(ids.map((id) => call(id))))
    if ((await each(api.takeOff)) === null) return
    say(titles.length === 1 ? t('shelf.takenOff', { title: titles[0] }) : t('shelf.allTakenOff', titles.length), () =>
      each(api.putBack),
    )
  }

  async function copy(ids: readonly string[]): Promise<void> {
    const copies = await doing(async () => {
      const added = []
      for (const id of ids) added.push(await api.copy(id))
      return added
    })
    const [first] = copies ?? []
    if (first) say(copies?.length === 1 ? t('shelf.copied', { title: first.title }) : t('shelf.allCopied', ids.length))
  }

  const putInto = (ids: readonly string[], group: string | null) =>
    doing(() => Promise.all(ids.map((id) => api.change(id, { group: group ?? '' }))))

  /** Moves a sheet to the group above or below; below the last come those in none. */
  async function shift(sheet: ShelfSheet, step: 1 | -1): Promise<void> {
    const order = [...groups.value.map(({ id }) => id), null]
    const to = order[order.indexOf(sheet.group) + step]
    if (to !== undefined) await putInto([sheet.id], to)
  }

  const addGroup = (name: string) => doing(() => api.addGroup(name))
  const changeGroup = (id: string, change: Parameters<typeof api.changeGroup>[1]) =>
    doing(() => api.changeGroup(id, change))

  async function moveGroup(group: ShelfGroup, step: 1 | -1): Promise<void> {
    const position = groups.value.findIndex(({ id }) => id === group.id) + step
    if (position >= 0 && position < groups.value.length) await changeGroup(group.id, { position })
  }

  async function removeGroup(group: ShelfGroup): Promise<void> {
    const inside = (sheets.value ?? []).filter((sheet) => sheet.group === group.id).map(({ id }) => id)
    const position = groups.value.findIndex(({ id }) => id === group.id)
    if ((await doing(() => api.removeGroup(group.id))) === null) return
    say(t('shelf.groupRemoved', { name: group.name }), async () => {
      const again = await asked(() => api.addGroup(group.name))
      if (!again) return
      await asked(() => api.changeGroup(again.id, { position, isFolded: group.isFolded }))
      await putInto(inside, again.id)
    })
  }

  return {
    sheets,
    groups: shallowReadonly(groups),
    unread: readonly(unread),
    load,
    rename,
    takeOff,
    copy,
    putInto,
    shift,
    addGroup,
    changeGroup,
    moveGroup,
    removeGroup,
  }
}

/** The sheets group by group, those in none at the end; of some sheets, only the groups that hold them. */
export function sectionsOf(groups: readonly ShelfGroup[], sheets: readonly ShelfSheet[], isOfSome: boolean): Section[] {
  const known = new Set(groups.map(({ id }) => id))
  const sections: Section[] = groups.map((group) => ({
    group,
    sheets: sheets.filter((sheet) => sheet.group === group.id),
  }))
  sections.push({ group: null, sheets: sheets.filter(({ group }) => group === null || !known.has(group)) })
  return sections.filter((section) => section.sheets.length > 0 || (section.group !== null && !isOfSome))
}
