import { createRouter, createWebHistory } from 'vue-router'
import { rememberWhere } from '@/shell/cameFrom'

/** Every screen has an address of its own, so that a colleague can be sent there. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    {
      path: '/',
      component: () => import('@/board/BoardPage.vue'),
      meta: { title: 'Jobs', hasHeading: true },
    },
    {
      path: '/due',
      component: () => import('@/board/DuePage.vue'),
      meta: { title: 'Due', hasHeading: true },
    },
    {
      path: '/installations/new',
      component: () => import('@/installation/EditPage.vue'),
      props: (to) => (typeof to.query.like === 'string' ? { like: to.query.like } : {}),
      meta: { title: 'New installation', hasHeading: true },
    },
    {
      path: '/installations/:id/edit',
      component: () => import('@/installation/EditPage.vue'),
      props: true,
      meta: { title: 'Change the plan', hasHeading: true },
    },
    {
      path: '/installations/:id/fleet',
      component: () => import('@/book/FleetPage.vue'),
      props: true,
      meta: { title: 'Fleet', hasHeading: true },
    },
    {
      path: '/installations/:id/history',
      component: () => import('@/history/HistoryPage.vue'),
      props: true,
      meta: { title: 'History', hasHeading: true },
    },
    {
      path: '/installations/:id/hear/:comparison',
      component: () => import('@/onair/HearPage.vue'),
      props: true,
      meta: { title: 'Hear', hasHeading: true },
    },
    {
      path: '/installations/:id',
      component: () => import('@/tuning/InstallationPage.vue'),
      props: true,
      meta: { title: 'Installation', hasHeading: true },
    },
    {
      path: '/plan',
      component: () => import('@/planning/AntennaPage.vue'),
      meta: { title: 'Plan an antenna' },
    },
    {
      path: '/plan/watts',
      component: () => import('@/planning/station/StationPage.vue'),
      meta: { title: 'Power and reach' },
    },
    {
      path: '/plan/ground',
      component: () => import('@/planning/GroundPage.vue'),
      meta: { title: 'Ground plane' },
    },
    {
      path: '/plan/paper',
      component: () => import('@/planning/PaperPage.vue'),
      meta: { title: 'The plan on paper', hasHeading: true },
    },
    {
      path: '/cutting',
      component: () => import('@/cutting/CuttingPage.vue'),
      meta: { title: 'Cut sheets', hasHeading: true },
    },
    { path: '/desk', component: () => import('@/desk/DeskPage.vue'), meta: { title: 'Compare traces' } },
    {
      path: '/desk/calibrations',
      component: () => import('@/desk/CalibrationsPage.vue'),
      props: (to) => ({ from: to.query.from, to: to.query.to }),
      meta: { title: 'Calibrations', hasHeading: true },
    },
    { path: '/live', component: () => import('@/instrument/LivePage.vue'), meta: { title: 'Live sweep' } },
    {
      path: '/live/meters',
      component: () => import('@/instrument/MetersPage.vue'),
      meta: { title: 'Meters' },
    },
    {
      path: '/book',
      component: () => import('@/book/BookPage.vue'),
      meta: { title: 'Book', hasHeading: true },
    },
    {
      path: '/files',
      component: () => import('@/files/FilesPage.vue'),
      meta: { title: 'Many files', hasHeading: true },
    },
    {
      path: '/numbers',
      component: () => import('@/book/NumbersPage.vue'),
      meta: { title: 'Numbers of the shop', hasHeading: true },
    },
    {
      path: '/catalogue',
      component: () => import('@/catalogue/CataloguePage.vue'),
      meta: { title: 'Catalogue', hasHeading: true },
    },
    {
      path: '/lessons',
      component: () => import('@/lesson/LessonsPage.vue'),
      meta: { title: 'Lessons', hasHeading: true },
    },
    {
      path: '/stations',
      component: () => import('@/onair/StationsPage.vue'),
      meta: { title: 'Stations', hasHeading: true },
    },
    {
      path: '/radios',
      component: () => import('@/radio/RadiosPage.vue'),
      meta: { title: 'Radios on the bench', hasHeading: true },
    },
    {
      path: '/radios/:radio',
      component: () => import('@/radio/RadioPage.vue'),
      props: (to) => ({ id: to.params.radio }),
      meta: { title: 'Radio on the bench', hasHeading: true },
    },
    {
      path: '/instruments',
      component: () => import('@/instrument/InstrumentsPage.vue'),
      meta: { title: 'Instruments', hasHeading: true },
    },
    {
      path: '/practice',
      component: () => import('@/instrument/LivePage.vue'),
      props: { practice: true },
      meta: { title: 'Virtual bench' },
    },
    {
      path: '/exercises',
      component: () => import('@/exercise/ExercisesPage.vue'),
      meta: { title: 'Exercises', hasHeading: true },
    },
    {
      path: '/exercises/:exercise',
      component: () => import('@/exercise/ExercisePage.vue'),
      props: (to) => ({ id: to.params.exercise }),
      meta: { title: 'Exercise', hasHeading: true },
    },
    {
      path: '/model',
      component: () => import('@/antenna/ModelPage.vue'),
      meta: { title: 'Try it on the model', hasHeading: true },
    },
    {
      path: '/me',
      component: () => import('@/people/MyPage.vue'),
      meta: { title: 'My page', hasHeading: true },
    },
    {
      path: '/people',
      component: () => import('@/people/PeoplePage.vue'),
      meta: { title: 'People', hasHeading: true },
    },
    {
      path: '/removed',
      component: () => import('@/removed/RemovedPage.vue'),
      meta: { title: 'Removed', hasHeading: true },
    },
    {
      path: '/:rest(.*)*',
      component: () => import('@/shell/NotHere.vue'),
      meta: { title: 'Not here', hasHeading: true },
    },
  ],
})

rememberWhere(router)
router.afterEach((to) => {
  document.title = `${String(to.meta.title ?? '')} · Dorada`
})
