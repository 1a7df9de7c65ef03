import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { h } from 'vue'
import { choose } from '../../testing/menus'
import { provideMet } from './met'
import PlayFields from './PlayFields.vue'
import type { Body } from './written'

const plain = (id: string) => ({ id, name: id })
const words = {
  terms: {
    men: ['#1', '#1 other side', 'tackle', 'centre'].map(plain),
    linemen: ['tackle', 'centre'].map(plain),
    points: ['A', 'B', 'C', 'outside'].map(plain),
    blocks: ['zone', 'down'].map(plain),
    leaves: ['nobody', 'back edge'].map(plain),
    paths: ['dive', 'quarterback', 'pitch'].map(plain),
    firsts: ['straight', 'away', 'pass'].map(plain),
    launches: ['set', 'boot', 'sprint'].map(plain),
    reads: ['overhang', 'edge'].map(plain),
    stays: [
      { id: 'back', name: 'a back' },
      { id: 'end', name: 'an attached end' },
    ],
    schemes: ['half slide', 'full slide'].map(plain),
    runs: [{ id: 'power', name: 'Power' }],
    fakes: ['power', 'power other side'].map(plain),
    protections: [{ id: 'six', name: 'Six-man' }],
  },
  routes: ['hitch', 'go'].map(plain),
  needs: ['not empty', 'two backs or three backs'],
  starts: {},
}
const BODIES: Record<string, Body> = {
  run: {
    needs: ['not empty'],
    point: 'A',
    ball: { carrier: 'deepest back', gun: 1, under: 1 },
    blocks: { tackle: 'zone' },
  },
  pass: { needs: [], throw: 2.5, routes: { '#1': 'hitch' } },
  protection: { needs: [], stay: ['end'] },
}
const of = (kind: string, readonly = false): ReturnType<typeof mount> =>
  mount(PlayFields, { props: { kind, body: BODIES[kind]!, words, route: '', readonly } })

describe('the fields of a play', () => {
  it('change one value and leave the others', async () => {
    const run = of('run')
    await choose(run, 'Aims at', 'C')
    expect(run.emitted('change')![0]).toEqual([{ ...BODIES.run, point: 'C' }])
    await run.find('input[type=checkbox]').setValue(true)
    expect(run.emitted('change')![1]).toEqual([{ ...BODIES.run, paths: ['dive'] }])
  })

  it('need one thing after another, of what other plays need', async () => {
    const run = of('run')
    const label = 'Need, seen from the play side'
    await choose(run, `${label}, one more`, 'two backs or three backs')
    expect(run.emitted('change')![0]).toEqual([{ ...BODIES.run, needs: ['not empty', 'two backs or three backs'] }])
    await choose(run, `${label}, 1`, '')
    expect(run.emitted('change')![1]).toEqual([{ ...BODIES.run, needs: [] }])
    expect(of('protection', true).text()).toContain('Of the formation it needs nothing.')
  })

  it('name a fake of either side', async () => {
    const pass = of('pass')
    await choose(pass, 'Looks first like', 'power other side')
    expect(pass.emitted('change')![0]).toEqual([{ ...BODIES.pass, fake: 'power other side' }])
  })

  it('say of a man that nobody is there for him in the formation it is tried from', () => {
    const tried = mount({
      setup() {
        provideMet().value = { formation: 'Pro I', names: new Set(['#1', 'centre']) }
        const body = { ...BODIES.run, blocks: { tackle: 'zone', '#1': 'down', 'receiver in a sling': 'down' } }
        return () => h(PlayFields, { kind: 'run', body, words, route: '', readonly: false })
      },
    })
    const absent = tried.findAll('li[data-who]').filter((li) => li.text().includes('nobody in Pro I'))
    expect(absent.map((li) => li.attributes('data-who'))).toEqual(['tackle'])
  })

  it('add a man nobody has named yet', async () => {
    const run = of('run')
    await choose(run, 'Blocks, one more man', '#1')
    const body = run.emitted('change')!.at(-1)![0] as { blocks: Record<string, string> }
    expect(Object.entries(body.blocks).at(-1)).toEqual(['#1', 'zone'])
  })

  it('keep what stays in the order it may be chosen, and counts as numbers', async () => {
    const protection = of('protection')
    await protection.find('input[type=checkbox]').setValue(true)
    expect(protection.emitted('change')![0]).toEqual([{ needs: [], stay: ['back', 'end'] }])
    await choose(protection, 'The line counts by', 'full slide')
    expect(protection.emitted('change')![1]).toEqual([{ needs: [], stay: ['end'], scheme: 'full slide' }])
    const pass = of('pass')
    await pass.find('input[type=number]').setValue('2.9')
    expect(pass.emitted('change')![0]).toEqual([{ ...BODIES.pass, throw: 2.9 }])
  })

  it('are shown and not changed by who may only look', () => {
    const run = of('run', true)
    expect(run.text()).not.toContain('one more man')
    const menus = run.findAll('[data-menu]')
    expect(menus.length).toBeGreaterThan(1)
    expect(menus.every((m) => m.attributes('disabled') !== undefined)).toBe(true)
    expect(
      run.findAll('textarea, input:not([type=checkbox])').every((i) => i.attributes('readonly') !== undefined),
    ).toBe(true)
  })
})
