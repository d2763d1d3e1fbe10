import { createRouter, createWebHistory } from 'vue-router';
import { isPhone } from './ui/phone';

export const router = createRouter({
    history: createWebHistory(),
    routes: [
        { path: '/', component: () => import('./pages/ProjectsPage.vue') },
        { path: '/account', component: () => import('./pages/AccountPage.vue') },
        { path: '/households', component: () => import('./pages/HouseholdsPage.vue') },
        { path: '/look/:token', component: () => import('./pages/LookPage.vue') },
        { path: '/begin', component: () => import('./pages/BeginPage.vue') },
        { path: '/join', component: () => import('./pages/JoinPage.vue') },
        { path: '/reset', component: () => import('./pages/ResetPage.vue') },
        {
            path: '/projects/:id',
            component: () => import('./pages/ProjectPage.vue'),
            redirect: (to) => `/projects/${String(to.params.id)}/site`,
            children: [
                // On a phone the survey is taken at the wall.
                {
                    path: 'site',
                    component: () => import('./stages/site/SitePage.vue'),
                    beforeEnter: (to) => (isPhone() ? `/projects/${String(to.params.id)}/wall` : true),
                },
                { path: 'piece', component: () => import('./stages/piece/PiecePage.vue') },
                { path: 'fit', component: () => import('./stages/fit/FitPage.vue') },
                { path: 'cut', component: () => import('./stages/cut/CutPage.vue') },
                { path: 'make', component: () => import('./stages/make/MakePage.vue') },
                { path: 'log', component: () => import('./stages/log/LogPage.vue') },
                { path: 'history', component: () => import('./stages/history/HistoryPage.vue') },
            ],
        },
        { path: '/projects/:id/wall', component: () => import('./stages/wall/WallPage.vue') },
        { path: '/projects/:id/saw', component: () => import('./stages/make/SawPage.vue') },
        { path: '/projects/:id/sticks', component: () => import('./stages/make/StickPage.vue') },
        { path: '/projects/:id/work', component: () => import('./stages/make/WorkPage.vue') },
        { path: '/:rest(.*)', redirect: '/' },
    ],
});
