import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api, Problem } from '@/api/client'

// The client takes fetch when it is made.
const fetched = vi.hoisted(() => {
  const stub = vi.fn()
  globalThis.fetch = stub
  return stub
})

const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })

describe('a sheet that is opened', () => {
  beforeEach(() => {
    fetched.mockReset()
    delete window.sheetAhead
  })

  function serve(...answers: Response[]): void {
    fetched.mockImplementation(() => Promise.resolve(answers.shift()))
  }

  it('is taken from what the page has asked for, once', async () => {
    serve(json({ id: 's1', title: 'second' }))
    window.sheetAhead = { id: 's1', answer: Promise.resolve(json({ id: 's1', title: 'first' })) }
    expect((await api.sheet('s1')).title).toBe('first')
    expect(fetched).not.toHaveBeenCalled()
    expect((await api.sheet('s1')).title).toBe('second')
  })

  it('is asked for where the page asked for another, or in vain', async () => {
    serve(json({ title: 'asked' }), json({ title: 'asked again' }), json({ title: 'at last' }))
    window.sheetAhead = { id: 'other', answer: Promise.resolve(json({ title: 'other' })) }
    expect((await api.sheet('s1')).title).toBe('asked')
    window.sheetAhead = { id: 's1', answer: Promise.reject(new TypeError('no network')) }
    expect((await api.sheet('s1')).title).toBe('asked again')
    window.sheetAhead = { id: 's1', answer: Promise.resolve(json({}, 503)) }
    expect((await api.sheet('s1')).title).toBe('at last')
  })

  it('says in the server’s words why it cannot be had', async () => {
    serve(json({ message: 'This sheet is not on the shelf any more.' }, 404))
    const problem = await api.sheet('s1').catch((error: unknown) => error)
    expect(problem).toBeInstanceOf(Problem)
    expect(problem).toMatchObject({ status: 404, message: 'This sheet is not on the shelf any more.' })
  })

  it('says that the server does not answer', async () => {
    fetched.mockRejectedValue(new TypeError('refused'))
    await expect(api.sheet('s1')).rejects.toMatchObject({ status: 0 })
  })
})
