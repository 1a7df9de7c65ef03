import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', component: () => import('../start/StartView.vue'), meta: { title: 'Start' } },
    { path: '/mine', component: () => import('../mine/MineView.vue'), meta: { title: 'My job' } },
    { path: '/mine/grades', component: () => import('../mine/MyGradesView.vue'), meta: { title: 'My grades' } },
    { path: '/board', component: () => import('../board/BoardView.vue'), meta: { title: 'Board' } },
    { path: '/playbook', component: () => import('../playbook/PlaybookView.vue'), meta: { title: 'Playbook' } },
    { path: '/playbook/call/:id', component: () => import('../playbook/RungEditor.vue'), meta: { title: 'Rules' } },
    {
      path: '/playbook/pressure',
      component: () => import('../pressure/PressureView.vue'),
      meta: { title: 'Pressure' },
    },
    { path: '/playbook/compare', component: () => import('../playbook/CompareView.vue'), meta: { title: 'Compare' } },
    {
      path: '/playbook/play/:kind/:id',
      component: () => import('../playbook/play/PlayView.vue'),
      meta: { title: 'Play' },
    },
    {
      path: '/playbook/rubrics',
      component: () => import('../playbook/rubric/RubricsView.vue'),
      meta: { title: 'Rubrics' },
    },
    {
      path: '/playbook/rubric/:id',
      component: () => import('../playbook/rubric/RubricView.vue'),
      meta: { title: 'Rubric' },
    },
    {
      path: '/playbook/card/:id',
      component: () => import('../playbook/InstallCard.vue'),
      meta: { title: 'Install card' },
    },
    { path: '/plan', component: () => import('../plan/PlanView.vue'), meta: { title: 'Plan audit' } },
    { path: '/programme', component: () => import('../programme/ProgrammeView.vue'), meta: { title: 'Programme' } },
    { path: '/programme/figures', component: () => import('../programme/FiguresView.vue'), meta: { title: 'Figures' } },
    { path: '/programme/roster', component: () => import('../programme/RosterView.vue'), meta: { title: 'Roster' } },
    { path: '/film', component: () => import('../film/FilmView.vue'), meta: { title: 'Film' } },
    { path: '/film/:game', component: () => import('../film/GameView.vue'), meta: { title: 'Game' } },
    { path: '/film/:game/room', component: () => import('../film/RoomView.vue'), meta: { title: 'Film room' } },
    { path: '/grades', component: () => import('../grades/GradesView.vue'), meta: { title: 'Grades' } },
    { path: '/grades/man/:man', component: () => import('../grades/ManView.vue'), meta: { title: 'Man report' } },
    { path: '/grades/unit/:unit', component: () => import('../grades/UnitView.vue'), meta: { title: 'Unit report' } },
    {
      path: '/grades/agreement',
      component: () => import('../grades/AgreementView.vue'),
      meta: { title: 'Agreement' },
    },
    { path: '/:rest(.*)*', component: () => import('./NothingHere.vue'), meta: { title: 'Nothing here' } },
  ],
})
router.afterEach((to) => {
  document.title = `${typeof to.meta.title === 'string' ? to.meta.title : 'Nothing here'} · Mensch`
})
