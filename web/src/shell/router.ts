import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/board' },
    { path: '/board', component: () => import('../board/BoardView.vue'), meta: { title: 'Board' } },
  ],
})
router.afterEach((to) => {
  document.title = `${String(to.meta.title ?? 'Mensch')} · Mensch`
})
