import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    {
      path: '/',
      name: 'season',
      component: () => import('./features/season/SeasonView.vue'),
      meta: { title: 'Season' },
    },
    {
      path: '/fields',
      name: 'fields',
      component: () => import('./features/fields/FieldsView.vue'),
      meta: { title: 'Fields' },
    },
    {
      path: '/cover/:fieldId?',
      name: 'cover',
      component: () => import('./features/cover/CoverView.vue'),
      meta: { title: 'Cover' },
    },
    {
      path: '/machines',
      name: 'machines',
      component: () => import('./features/machines/MachinesView.vue'),
      meta: { title: 'Machines' },
    },
    {
      path: '/machines/calibrate/:machineId?',
      name: 'calibrate',
      component: () => import('./features/machines/CalibrateView.vue'),
      meta: { title: 'Calibrate' },
    },
    {
      path: '/machines/loads/:fieldId?',
      name: 'loads',
      component: () => import('./features/machines/LoadsView.vue'),
      meta: { title: 'Loads' },
    },
    {
      path: '/machines/flight/:fieldId?',
      name: 'flight',
      component: () => import('./features/flight/FlightPage.vue'),
      meta: { title: 'Flight plan' },
    },
    {
      path: '/order',
      name: 'order',
      component: () => import('./features/order/OrderView.vue'),
      meta: { title: 'Seed order' },
    },
    {
      path: '/catalogue',
      name: 'catalogue',
      component: () => import('./features/catalogue/CatalogueView.vue'),
      meta: { title: 'Catalogue' },
    },
    {
      path: '/dispatch',
      name: 'dispatch',
      component: () => import('./features/dispatch/DispatchView.vue'),
      meta: { title: 'Dispatch' },
    },
    {
      path: '/dispatch/sheet/:day',
      name: 'sheet',
      component: () => import('./features/dispatch/DaySheet.vue'),
      meta: { title: 'Day sheet' },
    },
    {
      path: '/logbook',
      name: 'logbook',
      component: () => import('./features/logbook/LogbookView.vue'),
      meta: { title: 'Logbook' },
    },
    { path: '/farm', name: 'farm', component: () => import('./features/farm/FarmView.vue'), meta: { title: 'Farm' } },
    {
      path: '/sign-in',
      name: 'sign-in',
      component: () => import('./features/account/SignInView.vue'),
      meta: { title: 'Sign in', open: true },
    },
    { path: '/:rest(.*)', redirect: '/' },
  ],
})

router.afterEach((to) => {
  document.title = `${String(to.meta.title ?? '')} · Nimble Furrow`
})
