import { createRouter, createWebHistory } from 'vue-router'
import EstatePage from './features/estate/EstatePage.vue'

/** The screens. All but the estate are loaded when they are first opened. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'estate', component: EstatePage, meta: { title: 'Estate' } },
    {
      path: '/sign-in',
      name: 'sign-in',
      meta: { title: 'Sign in', isOutside: true },
      props: ({ query }) => ({ to: query['to'] ?? undefined }),
      component: () => import('./features/sign-in/SignInPage.vue'),
    },
    {
      path: '/welcome/:token',
      name: 'welcome',
      meta: { title: 'Come in', isOutside: true },
      props: true,
      component: () => import('./features/sign-in/WelcomePage.vue'),
    },
    {
      path: '/shared-records/:token',
      name: 'shared-record',
      meta: { title: 'Record', isOutside: true },
      props: true,
      component: () => import('./features/record/SharedRecordPage.vue'),
    },
    {
      path: '/account',
      name: 'account',
      meta: { title: 'You' },
      component: () => import('./features/account/AccountPage.vue'),
    },
    {
      path: '/places',
      name: 'places',
      meta: { title: 'All places' },
      component: () => import('./features/places/PlacesPage.vue'),
    },
    {
      path: '/places/new',
      name: 'new-place',
      meta: { title: 'Where do you grow?' },
      component: () => import('./features/place/NewPlacePage.vue'),
    },
    {
      path: '/stands/new',
      name: 'new-stand',
      meta: { title: 'Add a stand' },
      component: () => import('./features/place/NewStandPage.vue'),
    },
    {
      path: '/stands/:standId',
      component: () => import('./features/stand/StandPage.vue'),
      props: true,
      children: [
        { path: '', name: 'stand', component: () => import('./features/stand/StandStart.vue') },
        { path: 'look', name: 'look', component: () => import('./features/look/LookPanel.vue') },
        {
          path: 'verdict',
          name: 'verdict',
          component: () => import('./features/verdict/VerdictPanel.vue'),
        },
        {
          path: 'bench',
          name: 'bench',
          component: () => import('./features/bench/BenchPanel.vue'),
        },
        {
          path: 'remedy',
          name: 'remedy',
          component: () => import('./features/remedy/RemedyPanel.vue'),
        },
        {
          path: 'acid',
          name: 'acid',
          component: () => import('./features/acid/AcidPanel.vue'),
        },
        {
          path: 'size',
          name: 'size',
          component: () => import('./features/stand/SizePanel.vue'),
        },
        { path: 'jobs', name: 'jobs', component: () => import('./features/jobs/JobsPanel.vue') },
        {
          path: 'watch',
          name: 'watch',
          component: () => import('./features/watch/WatchPanel.vue'),
        },
        {
          path: 'trials',
          name: 'trials',
          component: () => import('./features/trial/TrialsPanel.vue'),
        },
        {
          path: 'zones',
          name: 'zones',
          component: () => import('./features/zone/ZonesPanel.vue'),
        },
      ],
    },
    {
      path: '/stands/:standId/sheet/:jobId',
      name: 'sheet',
      props: true,
      component: () => import('./features/sheet/SheetPage.vue'),
    },
    {
      path: '/sheets',
      name: 'sheets',
      meta: { title: 'Sheets' },
      component: () => import('./features/sheet/SheetsPage.vue'),
    },
    {
      path: '/day',
      name: 'day',
      meta: { title: 'My day' },
      component: () => import('./features/day/DayPage.vue'),
    },
    {
      path: '/season',
      name: 'season',
      meta: { title: 'Season' },
      component: () => import('./features/season/SeasonPage.vue'),
    },
    {
      path: '/lessons',
      name: 'lessons',
      meta: { title: 'Lessons' },
      component: () => import('./features/lessons/LessonsPage.vue'),
    },
    {
      path: '/drill',
      name: 'drill',
      meta: { title: 'Drill' },
      component: () => import('./features/drill/DrillPage.vue'),
    },
    {
      path: '/eye',
      name: 'eye',
      meta: { title: 'Eye' },
      component: () => import('./features/eye/EyePage.vue'),
    },
    {
      path: '/dates',
      name: 'dates',
      meta: { title: 'Dates' },
      component: () => import('./features/dates/DatesPage.vue'),
    },
    {
      path: '/record',
      name: 'record',
      meta: { title: 'Record' },
      component: () => import('./features/record/RecordPage.vue'),
    },
    {
      path: '/history',
      name: 'history',
      meta: { title: 'History' },
      props: ({ query }) => ({ standId: query['stand'] ?? undefined }),
      component: () => import('./features/history/HistoryPage.vue'),
    },
    {
      path: '/intake',
      name: 'intake',
      meta: { title: 'Take in a spreadsheet' },
      component: () => import('./features/intake/IntakePage.vue'),
    },
    {
      path: '/waiting',
      name: 'waiting',
      meta: { title: 'Waiting records' },
      component: () => import('./features/waiting/WaitingPage.vue'),
    },
    {
      path: '/settings',
      name: 'settings',
      meta: { title: 'Settings' },
      props: ({ query }) => ({ tab: query['tab'] ?? undefined }),
      component: () => import('./features/settings/SettingsPage.vue'),
    },
    {
      path: '/sprayers',
      name: 'sprayers',
      meta: { title: 'Sprayers' },
      component: () => import('./features/sprayer/SprayersPage.vue'),
    },
    {
      path: '/shelf',
      name: 'shelf',
      meta: { title: 'Shelf' },
      component: () => import('./features/shelf/ShelfPage.vue'),
    },
    {
      path: '/reference/:chapter?',
      name: 'reference',
      meta: { title: 'Reference' },
      props: true,
      component: () => import('./features/reference/ReferencePage.vue'),
    },
    { path: '/:anything(.*)*', redirect: { name: 'estate' } },
  ],
})

/** A page of a stand names itself once it knows the stand. */
router.afterEach(({ meta }) => {
  if (typeof meta['title'] === 'string') document.title = `${meta['title']} · Spudder`
})
