import 'reflect-metadata'
import '@fontsource-variable/inter/wght.css'
import './ui/base.css'
import './ui/layout.css'
import { PiniaColada } from '@pinia/colada'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router.ts'
import { keepMended } from './ui/mend-accessibility.ts'

createApp(App).use(createPinia()).use(PiniaColada, {}).use(router).mount('#app')
keepMended()
