import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { useSession } from '../session'
import { actionsOf, type Action } from './action'
import { useActions, useViewActions } from './registry'

const press = (key: string, init: KeyboardEventInit = {}) =>
  useActions().press(new KeyboardEvent('keydown', { key, ...init }))

describe('the registry of actions', () => {
  const done = vi.fn<(what: string) => void>()
  const act = (id: string, keys: string, enabled = (): boolean => true): Action =>
    actionsOf('G')(id, keys, id, () => done(id), enabled)
  beforeEach(() => {
    setActivePinia(createPinia())
    done.mockReset()
  })
  it('does what is enabled and says whether a key was for anything', () => {
    useActions().enter({ title: 'Board', actions: [act('save', 'S', () => false), act('undo', 'U')] })
    expect(press('u')).toBe(true)
    expect(press('s')).toBe(false)
    expect(press('u', { ctrlKey: true })).toBe(false)
    expect(done.mock.calls).toEqual([['undo']])
  })
  it('asks the view before what is everywhere', () => {
    const actions = useActions()
    actions.enter({ title: 'Everywhere', actions: [act('shell', 'X')] })
    const leave = actions.enter({ title: 'Board', actions: [act('board', 'X')] })
    press('x')
    leave()
    press('x')
    expect(done.mock.calls).toEqual([['board'], ['shell']])
  })
  it('shows what is a coach’s to coaches alone', () => {
    const write = actionsOf('Rules', true)('add', 'A', 'add', () => done('add'))
    useActions().enter({ title: 'Board', actions: [write] })
    expect(press('a')).toBe(false)
    expect(useActions().actions).toEqual([])
    useSession().me = { username: 'marrow', displayName: 'Ines Marrow', mayWrite: true, mayGrade: true }
    expect(press('a')).toBe(true)
  })
  it('is quiet while a view asks something, and forgets a view that is left', () => {
    let asking = true
    const view = effectScope()
    view.run(() => useViewActions({ title: 'Board', actions: [act('a', 'A')], quiet: () => asking }))
    expect(press('a')).toBe(false)
    asking = false
    expect(press('a')).toBe(true)
    view.stop()
    expect(press('a')).toBe(false)
  })
  it('leaves Enter to the button that has the focus, unless the view takes it there', () => {
    useActions().enter({ title: 'Board', actions: [act('rules', 'Enter')] })
    const button = document.createElement('button')
    document.body.append(button)
    const enter = (): boolean => {
      const event = new KeyboardEvent('keydown', { key: 'Enter' })
      Object.defineProperty(event, 'target', { value: button })
      return useActions().press(event)
    }
    expect(enter()).toBe(false)
    button.setAttribute('data-passes-keys', '')
    expect(enter()).toBe(true)
  })
  it('closes the list of keys by Escape wherever the focus is', () => {
    useActions().enter({ title: 'Board', actions: [act('back', 'Escape')] })
    useActions().help = true
    expect(press('Escape')).toBe(true)
    expect(useActions().help).toBe(false)
    expect(done).not.toHaveBeenCalled()
  })
  it('finds what is enabled and what the view has to be found', () => {
    useActions().enter({
      title: 'Board',
      actions: [act('save', 'S', () => false), act('undo', 'U')],
      finds: () => [act('nickel', '')],
    })
    expect(
      useActions()
        .found()
        .map((a) => a.id),
    ).toEqual(['undo', 'nickel'])
  })
})
