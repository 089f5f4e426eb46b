import createClient from 'openapi-fetch'
import { takeSheetAhead } from '@/page'
import type { components, paths } from './schema'

type Schemas = components['schemas']
export type Block = Schemas['BlockView']
export type Body = Schemas['BodyView']
export type ChangedPlace = Schemas['ChangedPlace']
export type Created = Schemas['CreatedView']
export type Decoding = Schemas['DecodingView']
export type Edit = Schemas['EditorEdit']
export type Encoding = Schemas['EncodingView']
export type Example = Schemas['ExampleView']
export type Finding = Schemas['FindingView']
export type Fix = Schemas['FixView']
export type Level = Finding['level']
export type KeyMarking = Schemas['KeyMarkingView']
export type Loss = Schemas['LossView']
export type Mended = Schemas['MendedView']
export type Notation = Schemas['NotationView']
export type Offer = Schemas['OfferView']
export type Outlook = Schemas['OutlookView']
export type Picture = Schemas['PictureView']
export type PictureUse = Schemas['PictureUseView']
export type Place = Schemas['PlaceView']
export type Proposal = Schemas['ProposalView']
export type Question = Schemas['QuestionView']
export type QuestionTexts = Schemas['QuestionTextsView']
export type Reading = Schemas['ReadingView']
export type Saved = Schemas['SavedView']
export type Sheet = Schemas['SheetView']
export type SheetMarks = Schemas['SheetMarksView']
export type SheetChange = Schemas['SheetChangeRequest']
export type Shelf = Schemas['ShelfView']
export type ShelfGroup = Schemas['GroupView']
export type Search = Schemas['SearchView']
export type Hit = Schemas['HitView']
export type ShelfSheet = Schemas['ShelfSheetView']
export type State = Schemas['StateView']
export type StateText = Schemas['StateTextView']
export type StyleChoice = Schemas['StyleChoiceView']
export type Target = Schemas['TargetView']
export type Tidied = Schemas['TidiedView']
export type Drafts = Schemas['DraftsView']
export type DraftsWish = Schemas['DraftsRequest']
export type Passage = Schemas['PassageView']
export type QuestionType = Schemas['ExampleView']['type']
export type Draw = Schemas['DrawView']
export type Sitting = Schemas['SittingView']
export type SittingQuestion = Schemas['SittingQuestionView']
export type GivenAnswer = Schemas['GivenAnswerRequest']
export type HandedIn = Schemas['HandedInView']
export type MarkedAnswer = Schemas['MarkedAnswerView']
export type Rehearsal = Schemas['RehearsalView']
export type RehearsalWish = NonNullable<paths['/api/sheets/{id}/rehearsal']['get']['parameters']['query']>
export type Prospect = Schemas['ProspectView']
export type TidyRow = Schemas['TidyRowView']
export type TableReading = Schemas['TableView']
export type TableWish = Schemas['TableRequest']
export type Token = Schemas['TokenView']
export type Written = Schemas['WrittenView']

/** Why a call came to nothing, in the server's words; status 0 where the server did not answer. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly body: unknown = null,
  ) {
    super(message)
  }
}

// The server takes a write from our own pages only; it looks at where the request came from and at this header.
const csrfToken = crypto.randomUUID()

const client = createClient<paths>({
  baseUrl: location.origin,
  headers: { accept: 'application/json', 'csrf-token': csrfToken },
})

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

async function asked<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await call
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error
    throw new Problem(0, 'The server does not answer.')
  }
  if (!answer.response.ok) {
    const message = (answer.error as { message?: string } | undefined)?.message
    throw new Problem(answer.response.status, message ?? 'The server gave no reason.', answer.error)
  }
  return answer.data as T
}

/** What the page itself has asked for already, or else what is asked for now. */
async function opened(id: string): Promise<Answer<Sheet>> {
  const ahead = await takeSheetAhead(id)?.catch(() => null)
  return ahead?.ok ? { data: (await ahead.json()) as Sheet, response: ahead } : client.GET('/api/sheets/{id}', at(id))
}

const at = (id: string) => ({ params: { path: { id } } })

/** Without what nobody chose; the server reads a switch as 1 or 0. */
const asQuery = (wish: RehearsalWish) =>
  Object.fromEntries(
    Object.entries(wish)
      .filter(([, value]) => value !== null && value !== false)
      .map(([name, value]) => [name, value === true ? 1 : value]),
  ) as RehearsalWish

const ofPicture = (id: string, number: number) => ({ params: { path: { id, number } } })

const withFile = (file: File) => ({
  body: { file: file as unknown as string },
  bodySerializer: () => {
    const form = new FormData()
    form.append('file', file)
    return form
  },
})

export const api = {
  shelf: () => asked(client.GET('/api/shelf')),
  offer: () => asked(client.GET('/api/offer')),
  sheet: (id: string) => asked(opened(id)),
  /** What so many blocks from one on say; also as a target has them. */
  bodies: (id: string, from: number, target: string | null, signal: AbortSignal) =>
    asked(
      client.GET('/api/sheets/{id}/bodies', {
        params: { path: { id }, query: { from, ...(target === null ? {} : { target }) } },
        signal,
      }),
    ),
  create: (title: string | null, text: string, notation: string | null, html: string | null = null) =>
    asked(client.POST('/api/sheets', { body: { title, text, notation, html } })),
  /** A sheet of drafts, with the passage that they were made from. */
  createOfDrafts: (title: string, drafts: Drafts, passage: string, notation: string) =>
    asked(client.POST('/api/sheets', { body: { title, text: drafts.text, notation, passage, drafts: drafts.starts } })),
  drafts: (wish: DraftsWish) => asked(client.POST('/api/drafts', { body: wish })),
  draftRequest: (wish: DraftsWish) => asked(client.POST('/api/drafts/request', { body: wish })),
  keepDrafts: (id: string, body: Schemas['KeepDraftsRequest']) =>
    asked(client.POST('/api/sheets/{id}/drafts', { ...at(id), body })),
  readDraft: (id: string, base: string, question: number) =>
    asked(client.POST('/api/sheets/{id}/drafts/read', { ...at(id), body: { base, question } })),
  passages: (id: string) => asked(client.GET('/api/sheets/{id}/passages', at(id))),
  /** A sheet of its own for a text that was typed in another. */
  createBeside: (id: string, title: string, text: string, notation: string | null) =>
    asked(client.POST('/api/sheets', { body: { title, text, notation, picturesOf: id } })),
  bringIn: (file: File) => asked(client.POST('/api/files', withFile(file))),
  addPicture: (id: string, file: File) =>
    asked(client.POST('/api/sheets/{id}/pictures', { ...at(id), ...withFile(file) })),
  changePicture: (id: string, number: number, isRemoved: boolean) =>
    asked(client.PATCH('/api/sheets/{id}/pictures/{number}', { ...ofPicture(id, number), body: { isRemoved } })),
  pictureEntry: (id: string, number: number, body: Schemas['PictureEntryRequest']) =>
    asked(client.POST('/api/sheets/{id}/pictures/{number}/entry', { ...ofPicture(id, number), body })),
  bringInSample: (name: string) => asked(client.POST('/api/samples/{name}', { params: { path: { name } } })),
  change: (id: string, change: SheetChange) => asked(client.PATCH('/api/sheets/{id}', { ...at(id), body: change })),
  save: (id: string, body: Schemas['SaveRequest']) => asked(client.POST('/api/sheets/{id}/edits', { ...at(id), body })),
  mending: (id: string, base: string, code: string | null) =>
    asked(client.POST('/api/sheets/{id}/mending', { ...at(id), body: { base, code } })),
  tidying: (id: string, body: Schemas['TidyRequest']) =>
    asked(client.POST('/api/sheets/{id}/tidying', { ...at(id), body })),
  page: (id: string, target: string) => `/api/sheets/${id}/page/${encodeURIComponent(target)}`,
  table: (id: string, body: TableWish) => asked(client.POST('/api/sheets/{id}/table', { ...at(id), body })),
  goingOn: (id: string, notation: string) =>
    asked(client.GET('/api/sheets/{id}/going-on/{notation}', { params: { path: { id, notation } } })),
  marking: (id: string, body: Schemas['MarkRequest']) =>
    asked(client.POST('/api/sheets/{id}/marking', { ...at(id), body })),
  place: (id: string, body: Schemas['PlaceRequest']) =>
    asked(client.POST('/api/sheets/{id}/place', { ...at(id), body })),
  texts: (id: string, base: string, question: number) =>
    asked(client.POST('/api/sheets/{id}/texts', { ...at(id), body: { base, question } })),
  amending: (id: string, body: Schemas['AmendRequest']) =>
    asked(client.POST('/api/sheets/{id}/amending', { ...at(id), body })),
  naming: (id: string, body: Schemas['NamingRequest']) =>
    asked(client.POST('/api/sheets/{id}/naming', { ...at(id), body })),
  scoring: (id: string, body: Schemas['ScoringRequest']) =>
    asked(client.POST('/api/sheets/{id}/scoring', { ...at(id), body })),
  filing: (id: string, body: Schemas['FilingRequest']) =>
    asked(client.POST('/api/sheets/{id}/filing', { ...at(id), body })),
  key: (id: string, base: string, key: string) =>
    asked(client.POST('/api/sheets/{id}/key', { ...at(id), body: { base, key } })),
  original: (id: string) => asked(client.GET('/api/sheets/{id}/original', at(id))),
  states: (id: string) => asked(client.GET('/api/sheets/{id}/states', at(id))),
  state: (id: string, state: string) =>
    asked(client.GET('/api/sheets/{id}/states/{state}', { params: { path: { id, state } } })),
  originalFile: (id: string) => `/api/sheets/${id}/original-file`,
  outlook: (id: string, signal: AbortSignal) => asked(client.GET('/api/sheets/{id}/outlook', { ...at(id), signal })),
  decoding: (id: string, encoding: string) =>
    asked(client.GET('/api/sheets/{id}/decoding', { params: { path: { id }, query: { encoding } } })),
  handover: (id: string, target: string) =>
    asked(client.GET('/api/sheets/{id}/handover/{target}', { params: { path: { id, target } } })),
  copy: (id: string) => asked(client.POST('/api/sheets/{id}/copies', at(id))),
  /** One new sheet of several, or of some questions of each. */
  gather: (from: Schemas['GatheredSheet'][], title: string | null = null) =>
    asked(client.POST('/api/gathered', { body: { from, title } })),
  search: (words: string) => asked(client.GET('/api/search', { params: { query: { words } } })),
  addGroup: (name: string) => asked(client.POST('/api/groups', { body: { name } })),
  changeGroup: (id: string, change: Schemas['GroupChangeRequest']) =>
    asked(client.PATCH('/api/groups/{id}', { ...at(id), body: change })),
  removeGroup: (id: string) => asked(client.DELETE('/api/groups/{id}', at(id))),
  prospects: (id: string) => asked(client.GET('/api/sheets/{id}/prospects', at(id))),
  rehearsal: (id: string, wish: RehearsalWish) =>
    asked(client.GET('/api/sheets/{id}/rehearsal', { params: { path: { id }, query: asQuery(wish) } })),
  /** What a pupil gets, without the right answers; of some questions alone where their numbers are given. */
  sitting: (id: string, shuffles: boolean, questions: string) =>
    asked(
      client.GET('/api/sheets/{id}/sitting', {
        params: {
          path: { id },
          query: { ...(shuffles ? { shuffles: 1 as unknown as boolean } : {}), questions },
        },
      }),
    ),
  draw: (id: string, take: string) =>
    asked(client.GET('/api/sheets/{id}/draw', { params: { path: { id }, query: { take } } })),
  handIn: (body: Schemas['HandInRequest']) => asked(client.POST('/api/sittings', { body })),
  takeOff: (id: string) => asked(client.DELETE('/api/sheets/{id}', at(id))),
  putBack: (id: string) => asked(client.POST('/api/sheets/{id}/return', at(id))),
  /** The text of the file, for a target that is one. */
  handedOver: (id: string, target: string) =>
    asked(client.GET('/api/sheets/{id}/file/{target}', { params: { path: { id, target } }, parseAs: 'text' })),
  handedOverFile: (id: string, target: string) => `/api/sheets/${id}/file/${encodeURIComponent(target)}`,
  /** What one of the addresses of files leads to. */
  file: (address: string, signal: AbortSignal) =>
    asked(
      fetch(address, { signal }).then(async (response): Promise<Answer<Blob>> => {
        if (response.ok) return { data: await response.blob(), response }
        return { error: await response.json().catch(() => undefined), response }
      }),
    ),
  mendedFile: (id: string) => `/api/sheets/${id}/mended-file`,
}
