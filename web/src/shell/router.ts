import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/board' },
    { path: '/board', component: () => import('../board/BoardView.vue'), meta: { title: 'Board' } },
    { path: '/film', component: () => import('../film/FilmView.vue'), meta: { title: 'Film' } },
    { path: '/film/:reel', component: () => import('../film/ReelView.vue'), meta: { title: 'Film' } },
    { path: '/grades', component: () => import('../grades/GradesView.vue'), meta: { title: 'Grades' } },
  ],
})
router.afterEach((to) => {
  document.title = `${String(to.meta.title ?? 'Mensch')} · Mensch`
})
