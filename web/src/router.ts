import { createRouter, createWebHistory } from 'vue-router'
import { loadSession, session } from './session'
import { whenSignedOut } from './shared/api/client'
import { focused, opened } from './shared/why'

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    {
      path: '/sign-in',
      name: 'sign-in',
      component: () => import('./features/account/SignInView.vue'),
      meta: { open: true },
    },
    { path: '/', name: 'today', component: () => import('./features/today/TodayView.vue') },
    { path: '/clients/new', name: 'new-client', component: () => import('./features/client/IntakeView.vue') },
    { path: '/clients/:id', name: 'client', component: () => import('./features/client/ClientView.vue'), props: true },
    {
      path: '/clients/:id/intake',
      name: 'intake',
      component: () => import('./features/client/IntakeView.vue'),
      props: true,
    },
    {
      path: '/clients/:id/screen',
      name: 'screen',
      component: () => import('./features/screening/ScreenView.vue'),
      props: true,
    },
    {
      path: '/clients/:id/limits',
      name: 'limits',
      component: () => import('./features/screening/LimitsView.vue'),
      props: true,
    },
    {
      path: '/clients/:id/clearance',
      name: 'clearance',
      component: () => import('./features/screening/ClearanceView.vue'),
      props: true,
    },
    {
      path: '/clients/:id/screens/:screenId?',
      name: 'screens',
      component: () => import('./features/screening/ScreenHistoryView.vue'),
      props: true,
    },
    {
      path: '/clients/:id/review',
      name: 'review',
      component: () => import('./features/report/ReviewView.vue'),
      props: true,
    },
    { path: '/clients/:id/door', name: 'door', component: () => import('./features/plan/DoorView.vue'), props: true },
    {
      path: '/clients/:id/compose',
      name: 'compose',
      component: () => import('./features/plan/ComposeView.vue'),
      props: true,
    },
    { path: '/places', name: 'places', component: () => import('./features/room/PlacesView.vue') },
    { path: '/methods', name: 'methods', component: () => import('./features/room/MethodsView.vue') },
    { path: '/exercises', name: 'atlas', component: () => import('./features/exercise/AtlasView.vue') },
    {
      path: '/exercises/:keys',
      name: 'exercise',
      component: () => import('./features/exercise/ExerciseView.vue'),
      props: true,
    },
    {
      path: '/workbench/:exercise',
      name: 'workbench',
      component: () => import('./features/exercise/WorkbenchView.vue'),
      props: true,
    },
    { path: '/sessions/:id', name: 'plan', component: () => import('./features/plan/PlanView.vue'), props: true },
    {
      path: '/sessions/:id/floor',
      name: 'floor',
      component: () => import('./features/floor/FloorView.vue'),
      props: true,
      meta: { floor: true },
    },
    {
      path: '/sessions/:id/morning',
      name: 'morning',
      component: () => import('./features/response/MorningView.vue'),
      props: true,
    },
    {
      path: '/to-you',
      name: 'to-you',
      component: () => import('./features/link/ToYouView.vue'),
      meta: { open: true, floor: true },
    },
    {
      path: '/clients/:id/record',
      name: 'record',
      component: () => import('./features/exchange/ClientRecordView.vue'),
      props: true,
    },
    { path: '/week', name: 'week', component: () => import('./features/today/WeekView.vue') },
    { path: '/records', name: 'records', component: () => import('./features/exchange/RecordsView.vue') },
    { path: '/outbox', name: 'outbox', component: () => import('./features/link/OutboxView.vue') },
    { path: '/evidence', name: 'evidence', component: () => import('./features/response/EvidenceView.vue') },
    { path: '/people', name: 'people', component: () => import('./features/account/PeopleView.vue') },
    {
      path: '/:rest(.*)*',
      name: 'lost',
      component: () => import('./features/today/LostView.vue'),
      meta: { open: true },
    },
  ],
})

router.beforeEach(async (to) => {
  focused.value = null
  opened.value = null
  if (!session.known) {
    try {
      await loadSession()
    } catch {
      return true // the page itself says that the server is away
    }
  }
  if (!to.meta.open && !session.view?.person) return { name: 'sign-in', query: { next: to.fullPath } }
  return true
})

whenSignedOut(async () => {
  const view = await loadSession()
  const here = router.currentRoute.value
  if (!view.person && here.name !== 'sign-in') {
    await router.push({ name: 'sign-in', query: { next: here.fullPath, expired: '1' } })
  }
})
