import { useDark } from '@vueuse/core'
import type { Ref } from 'vue'
import { useRouter } from 'vue-router'
import { type Action, useActionKeys } from '@/composables/actions'
import type { LeafName } from './leaves/names'
import type { Desk } from './useDesk'

interface DeskActionDoors {
  desk: Pick<Desk, 'step' | 'mendHere' | 'mendAll' | 'search' | 'undo' | 'redo'>
  /** The leaves that this sheet has. */
  leaves: Readonly<Ref<readonly LeafName[]>>
  show: (leaf: LeafName) => void
  openKey: () => void
  otherSide: () => void
  openHelp: () => void
  toggleAtHand: () => void
  choosePicture: () => void
  draft: () => void
  read: () => void
}

/** Everything that can be done on the desk, in one table: help, status bar and keys are made of it. */
export function useDeskActions({
  desk,
  leaves,
  show,
  openKey,
  otherSide,
  openHelp,
  toggleAtHand,
  choosePicture,
  draft,
  read,
}: DeskActionDoors): readonly Action[] {
  const router = useRouter()
  const isDark = useDark({ disableTransition: false })

  const leaf = (name: LeafName): Action => ({
    id: name,
    keys: '',
    run: () => leaves.value.includes(name) && show(name),
  })
  const actions: Action[] = [
    { id: 'next', keys: 'F8', run: () => desk.step(1), hint: 'desk.nextFinding' },
    { id: 'previous', keys: 'Shift F8', run: () => desk.step(-1) },
    { id: 'mend', keys: 'F2', run: () => void desk.mendHere(), hint: 'desk.mend' },
    { id: 'mendAll', keys: 'Shift F2', run: () => void desk.mendAll() },
    { id: 'otherSide', keys: 'F6', run: otherSide, hint: 'desk.otherSide' },
    { id: 'suggest', keys: 'Ctrl Space' },
    { id: 'atHand', keys: '', run: toggleAtHand },
    { id: 'picture', keys: 'F4', run: choosePicture },
    { id: 'search', keys: 'Ctrl F', run: desk.search },
    { id: 'undo', keys: 'Ctrl Z', run: desk.undo },
    { id: 'redo', keys: 'Ctrl Y', run: desk.redo },
    leaf('tidied'),
    leaf('columns'),
    { id: 'key', keys: '', run: openKey },
    { id: 'draft', keys: '', run: draft },
    leaf('proof'),
    // Those of marking work where the Proof has the focus.
    { id: 'markLetter', keys: 'A B C' },
    { id: 'markForms', keys: 'T F' },
    { id: 'markAlso', keys: 'Shift A' },
    { id: 'markSkip', keys: 'Enter' },
    { id: 'markMove', keys: '↑ ↓' },
    { id: 'markChange', keys: 'Shift Enter' },
    { id: 'read', keys: 'F9', run: read },
    leaf('findings'),
    leaf('outline'),
    leaf('states'),
    leaf('rehearsal'),
    leaf('handover'),
    { id: 'shelf', keys: '', run: () => void router.push('/') },
    { id: 'dark', keys: '', run: () => (isDark.value = !isDark.value) },
    { id: 'leaveEditor', keys: 'Esc Tab' },
    { id: 'help', keys: 'F1', run: openHelp, hint: 'desk.helpAndKeys' },
  ]
  useActionKeys(actions)
  return actions
}
