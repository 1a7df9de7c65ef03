import '@fontsource/archivo/latin-400.css'
import '@fontsource/archivo/latin-600.css'
import '@fontsource/archivo-narrow/latin-400.css'
import '@fontsource/archivo-narrow/latin-600.css'
import '@fontsource/archivo-narrow/latin-700.css'
import '@fontsource/literata/latin-500.css'
import './styles/card.css'
import './styles/view-head.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import AppShell from './shell/AppShell.vue'
import { router } from './shell/router'

createApp(AppShell).use(createPinia()).use(router).mount('#app')
