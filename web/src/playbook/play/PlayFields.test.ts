import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import PlayFields from './PlayFields.vue'
import { fresh } from './written'

const words = {
  men: ['#1', 'tackle', 'centre'],
  blocks: ['zone', 'down'],
  leaves: ['nobody', 'back edge'],
  paths: ['dive', 'quarterback', 'pitch'],
  firsts: ['straight', 'away', 'pass'],
  launches: ['set', 'boot', 'sprint'],
  reads: ['overhang', 'edge'],
  stays: ['back', 'end', 'second'],
  routes: ['hitch', 'go'],
  runs: [{ id: 'power', name: 'Power' }],
  protections: [{ id: 'six', name: 'Six-man' }],
}
const of = (kind: string, readonly = false): ReturnType<typeof mount> =>
  mount(PlayFields, { props: { kind, body: fresh(kind), words, readonly } })

describe('the fields of a play', () => {
  it('change one value and leave the others', async () => {
    const run = of('run')
    await run.find('select').setValue('C')
    expect(run.emitted('change')![0]).toEqual([{ ...fresh('run'), point: 'C' }])
    await run.find('input[type=checkbox]').setValue(true)
    expect(run.emitted('change')![1]).toEqual([{ ...fresh('run'), paths: ['dive'] }])
  })

  it('name a fake of either side', async () => {
    const pass = of('pass')
    const fakes = pass.findAll('select')[1]!
    expect(fakes.text()).toContain('power other side')
    await fakes.setValue('power other side')
    expect(pass.emitted('change')![0]).toEqual([{ ...fresh('pass'), fake: 'power other side' }])
  })

  it('add a man nobody has named yet', async () => {
    const run = of('run')
    await run.findAll('button').at(-1)!.trigger('click')
    const body = run.emitted('change')!.at(-1)![0] as { blocks: Record<string, string> }
    expect(Object.entries(body.blocks).at(-1)).toEqual(['#1', 'zone'])
  })

  it('are shown and not changed by who may only look', () => {
    const run = of('run', true)
    expect(run.text()).not.toContain('Add a man')
    expect(run.findAll('select').every((s) => s.attributes('disabled') !== undefined)).toBe(true)
    expect(run.findAll('input:not([type=checkbox])').every((i) => i.attributes('readonly') !== undefined)).toBe(true)
  })
})
