import '@fontsource-variable/commissioner/wght.css'
import '@fontsource-variable/jetbrains-mono/wght.css'
import '@fontsource-variable/literata/wght.css'
import '@fontsource-variable/literata/wght-italic.css'
import './styles/tokens.css'
import './styles/base.css'
import PrimeVue from 'primevue/config'
import ToastService from 'primevue/toastservice'
import { createApp } from 'vue'
import { createI18n } from 'vue-i18n'
import { createRouter, createWebHistory } from 'vue-router'
import App from './App.vue'
import { FIRST_LEAF, LEAF_NAMES } from './desk/leaves/names'
import { en } from './locales/en'
import ShelfPage from './pages/ShelfPage.vue'
import { nonce } from './page'
import { preset } from './styles/preset'

const openDesk = () => import('./pages/DeskPage.vue')
const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'shelf', component: ShelfPage },
    {
      path: `/sheets/:id/:leaf(${LEAF_NAMES.join('|')})?`,
      name: 'desk',
      component: openDesk,
      props: (route) => ({ id: route.params.id, leaf: route.params.leaf || FIRST_LEAF }),
    },
    {
      path: '/sittings/:id',
      name: 'sitting',
      component: () => import('./pages/SittingPage.vue'),
      props: true,
    },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})

createApp(App)
  .use(router)
  .use(createI18n({ legacy: false, locale: 'en', messages: { en } }))
  .use(PrimeVue, {
    theme: { preset, options: { darkModeSelector: '.dark', cssLayer: false } },
    csp: { nonce },
    // A dialog gives its focus when its transition ends: by then somebody may be typing in another of its fields.
    pt: { dialog: { transition: { css: false } } },
  })
  .use(ToastService)
  .mount('#app')

// Whoever is on the shelf opens a sheet next: its page is there by then.
const WHEN_QUIET = 600
setTimeout(() => void openDesk(), WHEN_QUIET)
