import type { VueWrapper } from '@vue/test-utils'
import { nextTick } from 'vue'
import WordMenu from '../words/WordMenu.vue'

/** The menu of a view that has this label. */
export function menu(view: VueWrapper, label: string) {
  const found = view.findAllComponents(WordMenu).find((m) => m.props('label') === label)
  if (!found) throw new Error(`no menu "${label}"`)
  return found
}

/** As if it were chosen in the menu. */
export async function choose(view: VueWrapper, label: string, id: string): Promise<void> {
  if (
    !menu(view, label)
      .props('options')
      .some((o) => o.id === id)
  )
    throw new Error(`"${label}" does not offer ${id}`)
  menu(view, label).vm.$emit('pick', id)
  await nextTick()
}
