import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import 'bootstrap/dist/css/bootstrap.min.css'
import 'bootstrap-vue-next/dist/bootstrap-vue-next.css'
import './theme.css'
import { createBootstrap } from 'bootstrap-vue-next/plugins/createBootstrap'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'

const dark = window.matchMedia('(prefers-color-scheme: dark)')
const follow = () => document.documentElement.setAttribute('data-bs-theme', dark.matches ? 'dark' : 'light')
dark.addEventListener('change', follow)
follow()

createApp(App).use(createBootstrap()).use(router).mount('#app')
