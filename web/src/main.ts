import 'reflect-metadata'
import '@fontsource-variable/inter/wght.css'
import './theme/tokens.css'
import './theme/base.css'
import { PiniaColada } from '@pinia/colada'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router.ts'

createApp(App).use(createPinia()).use(PiniaColada, {}).use(router).mount('#app')
