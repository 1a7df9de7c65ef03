import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { asked } from '../testing/asked'
import { filmedPlay, playbookItem, REEL } from '../testing/fixtures'
import { choose, menu } from '../testing/menus'
import { useFilm } from './filmStore'
import PlayLogFields from './PlayLogFields.vue'

beforeEach(() => setActivePinia(createPinia()))

it('says what they ran, when, and what came of it; what is not known is left out', async () => {
  const plays = [
    playbookItem({ kind: 'run', id: 'power', name: 'Power' }),
    playbookItem({ kind: 'pass', id: 'smash', name: 'Smash', retired: true }),
    playbookItem(),
  ]
  vi.spyOn(client, 'GET').mockResolvedValue({ data: plays, response: new Response() })
  const film = useFilm()
  film.reel = REEL
  film.play = filmedPlay({ log: { ...filmedPlay().log, result: 'tackled', gain: 4, together: { strength: 'right' } } })
  const said = vi.spyOn(film, 'changeLog').mockResolvedValue()
  const form = mount(PlayLogFields, { global: { plugins: [asked()] } })
  await flushPromises()
  expect(
    menu(form, 'They ran')
      .props('options')
      .map((o) => o.name),
  ).toEqual(['not known', 'Power'])
  expect(form.find<HTMLInputElement>('[aria-label="They gained, yd"]').element.value).toBe('4')
  await choose(form, 'They ran', 'power')
  await choose(form, 'It ended', '')
  await choose(form, 'Against their', 'backups')
  await choose(form, 'Check', 'missed')
  await choose(form, 'All set at the snap', 'no')
  await form.find('[aria-label="Defenders within 5 yd of the ball at the end"]').setValue('4')
  await form.find('[aria-label="Quarter"]').setValue('3')
  expect(said.mock.calls.map(([change]) => change)).toEqual([
    { theirPlay: 'power' },
    { result: undefined },
    { unit: 'backups' },
    { together: { strength: 'right', check: 'missed' } },
    { together: { strength: 'right', allSet: false } },
    { together: { strength: 'right', hats: 4 } },
    { quarter: 3 },
  ])
})
