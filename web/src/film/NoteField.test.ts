import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import NoteField from './NoteField.vue'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())
const field = () => mount(NoteField, { props: { man: 'mike', value: '' } })

it('goes out when the hand rests, and an answer meanwhile does not write over what is typed', async () => {
  const note = field()
  const area = note.find('textarea')
  await area.setValue('late to ')
  await note.setProps({ value: 'late' })
  expect(area.element.value).toBe('late to ')
  await area.setValue('late to the gap')
  await vi.advanceTimersByTimeAsync(1000)
  expect(note.emitted('say')).toEqual([['mike', 'late to the gap']])
})
it('is of the man it was typed for, whoever is in hand by then', async () => {
  const note = field()
  await note.find('textarea').setValue('eyes')
  await note.setProps({ man: 'will', value: 'good' })
  expect(note.emitted('say')).toEqual([['mike', 'eyes']])
  expect(note.find('textarea').element.value).toBe('good')
  await vi.advanceTimersByTimeAsync(1000)
  expect(note.emitted('say')).toHaveLength(1)
})
it('keeps the blank behind a word that the answer took off, and shows what came from elsewhere', async () => {
  const note = field()
  await note.find('textarea').setValue('late ')
  await note.find('textarea').trigger('blur')
  await note.setProps({ value: 'late' })
  expect(note.find('textarea').element.value).toBe('late ')
  await note.setProps({ value: 'from another screen' })
  expect(note.find('textarea').element.value).toBe('from another screen')
})
