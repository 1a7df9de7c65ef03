import { usePreferredDark, useStorage } from '@vueuse/core'
import { computed, watchEffect } from 'vue'
import { useRouter } from 'vue-router'
import { useActions, useViewActions } from './actions/registry'
import { useKeys } from './actions/useKeys'
import { useLists } from './lists'
import { useSession } from './session'
import { useSettings } from './settings'
import { placesToGo, shellActions } from './shellActions'
import type { ThemeName } from './theme'

/** What holds in every view: day or night, the keys, the palette. */
export function useShell() {
  const session = useSession()
  const actions = useActions()
  const lists = useLists()
  const settings = useSettings()
  const router = useRouter()
  const dark = usePreferredDark()
  /** What was chosen here; until then the paper follows the system. */
  const chosen = useStorage<ThemeName | ''>('mensch.theme', '')
  const theme = computed<ThemeName>(() => chosen.value || (dark.value ? 'night' : 'day'))
  watchEffect(() => (document.documentElement.dataset.theme = theme.value))
  const turnPaper = (): void => void (chosen.value = theme.value === 'day' ? 'night' : 'day')
  const coaches = (): boolean => session.me?.mayGrade ?? false

  function palette(): void {
    // what cannot be read is said over the view, and not found until it can
    const missing = [lists.choices ? [] : [lists.load()], coaches() ? [settings.load()] : []].flat()
    void Promise.allSettled(missing)
    actions.palette = true
  }
  useViewActions({
    title: 'Everywhere',
    actions: shellActions({
      router,
      coaches,
      turnPaper,
      signOut: () => void session.signOut(),
      palette,
      help: () => (actions.help = true),
    }),
    finds: () => [...placesToGo(lists, router), ...settings.finds(router)],
    quiet: () => !session.me,
  })
  useKeys(router)
  return { theme, turnPaper, palette }
}
