import PrimeVue from 'primevue/config'
import ToastService from 'primevue/toastservice'
import { createI18n } from 'vue-i18n'
import { createMemoryHistory, createRouter } from 'vue-router'
import { en } from '@/locales/en'

/** What every page has installed, for mounting a part of one. */
export function plugins() {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', name: 'shelf', component: { template: '<i />' } },
      { path: '/sheets/:id/:leaf', name: 'desk', component: { template: '<i />' } },
    ],
  })
  return [
    createI18n({ legacy: false, locale: 'en', messages: { en } }),
    router,
    [PrimeVue, { unstyled: true }],
    ToastService,
  ] as never[]
}
