import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'season', component: () => import('./features/season/SeasonView.vue'), meta: { title: 'Season' } },
    { path: '/fields', name: 'fields', component: () => import('./features/fields/FieldsView.vue'), meta: { title: 'Fields' } },
    { path: '/cover/:fieldId?', name: 'cover', component: () => import('./features/cover/CoverView.vue'), meta: { title: 'Cover' } },
    { path: '/dispatch', name: 'dispatch', component: () => import('./features/dispatch/DispatchView.vue'), meta: { title: 'Dispatch' } },
    { path: '/dispatch/sheet/:day', name: 'sheet', component: () => import('./features/dispatch/DaySheet.vue'), meta: { title: 'Day sheet' } },
    { path: '/logbook', name: 'logbook', component: () => import('./features/logbook/LogbookView.vue'), meta: { title: 'Logbook' } },
    { path: '/farm', name: 'farm', component: () => import('./features/farm/FarmView.vue'), meta: { title: 'Farm' } },
    { path: '/sign-in', name: 'sign-in', component: () => import('./features/account/SignInView.vue'), meta: { title: 'Sign in', open: true } },
    { path: '/:rest(.*)', redirect: '/' },
  ],
})

router.afterEach((to) => {
  document.title = `${String(to.meta.title ?? '')} · Nimble Furrow`
})
