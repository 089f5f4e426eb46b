import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { firstIn, goRound, type Stop } from '@/desk/useRound'

describe('going round by key', () => {
  const part = (id: string) => document.getElementById(id)
  const stop = (id: string): Stop => ({ within: () => part(id), focus: () => firstIn(part(id))?.focus() })
  const stops = ['source', 'spine', 'leaf', 'tools'].map(stop)
  const at = () => document.activeElement?.id

  beforeEach(() => {
    document.body.innerHTML = `
      <div id="source"><input id="text" /></div>
      <nav id="spine"><button id="off" disabled></button><button id="bead"></button></nav>
      <div id="leaf"><div id="list" tabindex="0"></div></div>
      <div id="tools"><a id="link" href="/">x</a></div>`
  })
  afterEach(() => (document.body.innerHTML = ''))

  it('takes each place in turn, from the last on to the first', () => {
    const seen = Array.from({ length: 5 }, () => (goRound(stops), at()))
    expect(seen).toEqual(['text', 'bead', 'list', 'link', 'text'])
  })

  it('goes past what is not there, and past what takes no focus', () => {
    part('spine')?.remove()
    part('list')?.removeAttribute('tabindex')
    part('text')?.focus()
    goRound(stops)
    expect(at()).toBe('link')
  })

  it('stays where there is nowhere to go', () => {
    part('text')?.focus()
    goRound([stop('source'), stop('nowhere')])
    expect(at()).toBe('text')
  })
})
