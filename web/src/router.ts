import { createRouter, createWebHistory } from 'vue-router'
import { rememberWhere } from '@/shell/cameFrom'

/** Every screen has an address of its own, so that a colleague can be sent there; `shell.page.<page>` names it. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    {
      path: '/',
      component: () => import('@/board/BoardPage.vue'),
      meta: { page: 'BOARD', hasHeading: true },
    },
    {
      path: '/due',
      component: () => import('@/board/DuePage.vue'),
      meta: { page: 'DUE', hasHeading: true },
    },
    {
      path: '/installations/new',
      component: () => import('@/installation/EditPage.vue'),
      props: (to) => (typeof to.query.like === 'string' ? { like: to.query.like } : {}),
      meta: { page: 'NEW', hasHeading: true },
    },
    {
      path: '/installations/:id/edit',
      component: () => import('@/installation/EditPage.vue'),
      props: true,
      meta: { page: 'EDIT', hasHeading: true },
    },
    {
      path: '/installations/:id/fleet',
      component: () => import('@/book/FleetPage.vue'),
      props: true,
      meta: { page: 'FLEET', hasHeading: true },
    },
    {
      path: '/installations/:id/history',
      component: () => import('@/history/HistoryPage.vue'),
      props: true,
      meta: { page: 'HISTORY', hasHeading: true },
    },
    {
      path: '/installations/:id/hear/:comparison',
      component: () => import('@/onair/HearPage.vue'),
      props: true,
      meta: { page: 'HEAR', hasHeading: true },
    },
    {
      path: '/installations/:id',
      component: () => import('@/tuning/InstallationPage.vue'),
      props: true,
      meta: { page: 'INSTALLATION', hasHeading: true },
    },
    {
      path: '/plan',
      component: () => import('@/planning/AntennaPage.vue'),
      meta: { page: 'ANTENNA' },
    },
    {
      path: '/plan/watts',
      component: () => import('@/planning/station/StationPage.vue'),
      meta: { page: 'POWER' },
    },
    {
      path: '/plan/ground',
      component: () => import('@/planning/GroundPage.vue'),
      meta: { page: 'GROUND' },
    },
    {
      path: '/plan/paper',
      component: () => import('@/planning/PaperPage.vue'),
      meta: { page: 'PAPER', hasHeading: true },
    },
    {
      path: '/cutting',
      component: () => import('@/cutting/CuttingPage.vue'),
      meta: { page: 'SHEETS', hasHeading: true },
    },
    { path: '/desk', component: () => import('@/desk/DeskPage.vue'), meta: { page: 'COMPARE' } },
    {
      path: '/desk/calibrations',
      component: () => import('@/desk/CalibrationsPage.vue'),
      props: (to) => ({ from: to.query.from, to: to.query.to }),
      meta: { page: 'CALIBRATIONS', hasHeading: true },
    },
    { path: '/live', component: () => import('@/instrument/LivePage.vue'), meta: { page: 'LIVE' } },
    {
      path: '/live/meters',
      component: () => import('@/instrument/MetersPage.vue'),
      meta: { page: 'METERS' },
    },
    {
      path: '/book',
      component: () => import('@/book/BookPage.vue'),
      meta: { page: 'BOOK', hasHeading: true },
    },
    {
      path: '/files',
      component: () => import('@/files/FilesPage.vue'),
      meta: { page: 'FILES', hasHeading: true },
    },
    {
      path: '/numbers',
      component: () => import('@/book/NumbersPage.vue'),
      meta: { page: 'NUMBERS', hasHeading: true },
    },
    {
      path: '/catalogue',
      component: () => import('@/catalogue/CataloguePage.vue'),
      meta: { page: 'CATALOGUE', hasHeading: true },
    },
    {
      path: '/lessons',
      component: () => import('@/lesson/LessonsPage.vue'),
      meta: { page: 'LESSONS', hasHeading: true },
    },
    {
      path: '/stations',
      component: () => import('@/onair/StationsPage.vue'),
      meta: { page: 'STATIONS', hasHeading: true },
    },
    {
      path: '/radios',
      component: () => import('@/radio/RadiosPage.vue'),
      meta: { page: 'RADIOS', hasHeading: true },
    },
    {
      path: '/radios/:radio',
      component: () => import('@/radio/RadioPage.vue'),
      props: (to) => ({ id: to.params.radio }),
      meta: { page: 'RADIO', hasHeading: true },
    },
    {
      path: '/instruments',
      component: () => import('@/instrument/InstrumentsPage.vue'),
      meta: { page: 'INSTRUMENTS', hasHeading: true },
    },
    {
      path: '/practice',
      component: () => import('@/instrument/LivePage.vue'),
      props: { practice: true },
      meta: { page: 'BENCH' },
    },
    {
      path: '/exercises',
      component: () => import('@/exercise/ExercisesPage.vue'),
      meta: { page: 'EXERCISES', hasHeading: true },
    },
    {
      path: '/exercises/:exercise',
      component: () => import('@/exercise/ExercisePage.vue'),
      props: (to) => ({ id: to.params.exercise }),
      meta: { page: 'EXERCISE', hasHeading: true },
    },
    {
      path: '/model',
      component: () => import('@/antenna/ModelPage.vue'),
      meta: { page: 'MODEL', hasHeading: true },
    },
    {
      path: '/me',
      component: () => import('@/people/MyPage.vue'),
      meta: { page: 'ME', hasHeading: true },
    },
    {
      path: '/people',
      component: () => import('@/people/PeoplePage.vue'),
      meta: { page: 'PEOPLE', hasHeading: true },
    },
    {
      path: '/removed',
      component: () => import('@/removed/RemovedPage.vue'),
      meta: { page: 'REMOVED', hasHeading: true },
    },
    {
      path: '/:rest(.*)*',
      component: () => import('@/shell/NotHere.vue'),
      meta: { page: 'NOT_HERE', hasHeading: true },
    },
  ],
})

rememberWhere(router)
