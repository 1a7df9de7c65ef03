import { QueryClient, VueQueryPlugin, type VueQueryPluginOptions } from '@tanstack/vue-query'
import { createApp, type Plugin } from 'vue'

const fresh = (): VueQueryPluginOptions => ({
  queryClient: new QueryClient({ defaultOptions: { queries: { retry: false, shallow: true } } }),
})

/** Asks the server with nothing kept of another test, and once. */
export const asked = (): [Plugin, VueQueryPluginOptions] => [VueQueryPlugin as Plugin, fresh()]

/** Runs a composable that asks, as a component would. */
export function asking<T>(use: () => T): T {
  let made: T
  const app = createApp({
    setup() {
      made = use()
      return () => null
    },
  })
  app.use(VueQueryPlugin, fresh()).mount(document.createElement('div'))
  return made!
}
