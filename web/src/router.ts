import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    {
      path: '/',
      name: 'season',
      component: () => import('./features/season/SeasonView.vue'),
      meta: { title: 'Season', guide: 'season' },
    },
    {
      path: '/season/print',
      name: 'printed',
      component: () => import('./features/season/PrintedSheet.vue'),
      meta: { title: 'The season on paper', guide: 'season' },
    },
    {
      path: '/fields',
      name: 'fields',
      component: () => import('./features/fields/FieldsView.vue'),
      meta: { title: 'Fields', guide: 'fields' },
    },
    {
      path: '/termination',
      name: 'termination',
      component: () => import('./features/termination/TerminationView.vue'),
      meta: { title: 'Termination', guide: 'termination' },
    },
    {
      path: '/scout/practice',
      name: 'practice',
      component: () => import('./features/practice/PracticeView.vue'),
      meta: { title: 'Practice', guide: 'scout' },
    },
    {
      path: '/termination/hours',
      name: 'hours',
      component: () => import('./features/termination/HoursView.vue'),
      meta: { title: 'Hours', guide: 'termination' },
    },
    {
      path: '/termination/plan/:fieldId',
      name: 'termination-plan',
      component: () => import('./features/termination/TerminationPlanView.vue'),
      meta: { title: 'Plan of a termination', guide: 'termination' },
    },
    {
      path: '/termination/spray/:fieldId',
      name: 'spray',
      component: () => import('./features/termination/SprayView.vue'),
      meta: { title: 'Herbicide plan', guide: 'termination' },
    },
    {
      path: '/growth/:fieldId',
      name: 'growth',
      component: () => import('./features/growth/GrowthView.vue'),
      meta: { title: 'How it grows', guide: 'season' },
    },
    {
      path: '/cover/many',
      name: 'many-covers',
      component: () => import('./features/cover/ManyCoversView.vue'),
      meta: { title: 'Cover for many fields', guide: 'cover' },
    },
    {
      path: '/cover/:fieldId?',
      name: 'cover',
      component: () => import('./features/cover/CoverView.vue'),
      meta: { title: 'Cover', guide: 'cover' },
    },
    {
      path: '/machines',
      name: 'machines',
      component: () => import('./features/machines/MachinesView.vue'),
      meta: { title: 'Machines', guide: 'machines' },
    },
    {
      path: '/machines/calibrate/:machineId?',
      name: 'calibrate',
      component: () => import('./features/machines/CalibrateView.vue'),
      meta: { title: 'Calibrate', guide: 'machines' },
    },
    {
      path: '/machines/loads/:fieldId?',
      name: 'loads',
      component: () => import('./features/machines/LoadsView.vue'),
      meta: { title: 'Loads', guide: 'machines' },
    },
    {
      path: '/machines/flight/:fieldId?',
      name: 'flight',
      component: () => import('./features/flight/FlightPage.vue'),
      meta: { title: 'Flight plan', guide: 'machines' },
    },
    {
      path: '/order',
      name: 'order',
      component: () => import('./features/order/OrderView.vue'),
      meta: { title: 'Seed order', guide: 'order' },
    },
    {
      path: '/catalogue',
      name: 'catalogue',
      component: () => import('./features/catalogue/CatalogueView.vue'),
      meta: { title: 'Catalogue', guide: 'catalogue' },
    },
    {
      path: '/dispatch',
      name: 'dispatch',
      component: () => import('./features/dispatch/DispatchView.vue'),
      meta: { title: 'Dispatch', guide: 'dispatch' },
    },
    {
      path: '/dispatch/sheet/:day',
      name: 'sheet',
      component: () => import('./features/dispatch/DaySheet.vue'),
      meta: { title: 'Day sheet', guide: 'dispatch' },
    },
    {
      path: '/scout',
      name: 'scout',
      component: () => import('./features/scout/ScoutView.vue'),
      meta: { title: 'Scout', guide: 'scout', pocket: true },
    },
    {
      path: '/right',
      name: 'right',
      component: () => import('./features/scout/RightView.vue'),
      meta: { title: 'How right were we', guide: 'weather' },
    },
    {
      path: '/weather',
      name: 'weather',
      component: () => import('./features/weather/WeatherView.vue'),
      meta: { title: 'Weather', guide: 'weather' },
    },
    {
      path: '/logbook',
      name: 'logbook',
      component: () => import('./features/logbook/LogbookView.vue'),
      meta: { title: 'Logbook', guide: 'logbook' },
    },
    {
      path: '/farm',
      name: 'farm',
      component: () => import('./features/farm/FarmView.vue'),
      meta: { title: 'Farm', guide: 'farm' },
    },
    {
      path: '/guide/:page?',
      name: 'guide',
      component: () => import('./features/guide/GuideView.vue'),
      meta: { title: 'Guide' },
    },
    {
      path: '/crew/:word',
      name: 'crew',
      component: () => import('./features/crew/CrewView.vue'),
      meta: { title: 'Work list', open: true },
    },
    {
      path: '/sign-in',
      name: 'sign-in',
      component: () => import('./features/account/SignInView.vue'),
      meta: { title: 'Sign in', open: true },
    },
    { path: '/ending/:rest(.*)*', redirect: (to) => to.fullPath.replace('/ending', '/termination') },
    { path: '/:rest(.*)', redirect: '/' },
  ],
})

router.afterEach((to) => {
  document.title = `${String(to.meta.title ?? '')} · Nimble Furrow`
})
