import '@fontsource/archivo/latin-400.css'
import '@fontsource/archivo/latin-600.css'
import '@fontsource/archivo-narrow/latin-400.css'
import '@fontsource/archivo-narrow/latin-600.css'
import '@fontsource/archivo-narrow/latin-700.css'
import '@fontsource/literata/latin-500.css'
import './styles/card.css'
import './styles/view.css'
import './styles/library.css'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import AppShell from './shell/AppShell.vue'
import { queries } from './shell/queries'
import { router } from './shell/router'
import { useTrouble } from './shell/trouble'

const app = createApp(AppShell).use(createPinia()).use(router).use(VueQueryPlugin, { queryClient: queries })
const trouble = useTrouble()
app.config.errorHandler = trouble.broke
router.onError(trouble.broke)
app.mount('#app')
