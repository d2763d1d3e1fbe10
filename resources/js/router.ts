import { createRouter, createWebHistory } from 'vue-router';
import ProjectPage from './pages/ProjectPage.vue';
import ProjectsPage from './pages/ProjectsPage.vue';
import CutPage from './stages/cut/CutPage.vue';
import FitPage from './stages/fit/FitPage.vue';
import PiecePage from './stages/piece/PiecePage.vue';
import SitePage from './stages/site/SitePage.vue';
import WallPage from './stages/wall/WallPage.vue';
import { isPhone } from './ui/phone';

export const router = createRouter({
    history: createWebHistory(),
    routes: [
        { path: '/', component: ProjectsPage },
        { path: '/account', component: () => import('./pages/AccountPage.vue') },
        { path: '/households', component: () => import('./pages/HouseholdsPage.vue') },
        { path: '/look/:token', component: () => import('./pages/LookPage.vue') },
        { path: '/join', component: () => import('./pages/JoinPage.vue') },
        { path: '/reset', component: () => import('./pages/ResetPage.vue') },
        {
            path: '/projects/:id',
            component: ProjectPage,
            redirect: (to) => `/projects/${String(to.params.id)}/site`,
            children: [
                // On a phone the survey is taken at the wall.
                { path: 'site', component: SitePage, beforeEnter: (to) => (isPhone() ? `/projects/${String(to.params.id)}/wall` : true) },
                { path: 'piece', component: PiecePage },
                { path: 'fit', component: FitPage },
                { path: 'cut', component: CutPage },
                { path: 'make', component: () => import('./stages/make/MakePage.vue') },
                { path: 'log', component: () => import('./stages/log/LogPage.vue') },
                { path: 'history', component: () => import('./stages/history/HistoryPage.vue') },
            ],
        },
        { path: '/projects/:id/wall', component: WallPage },
        { path: '/projects/:id/saw', component: () => import('./stages/make/SawPage.vue') },
        { path: '/projects/:id/work', component: () => import('./stages/make/WorkPage.vue') },
        { path: '/:rest(.*)', redirect: '/' },
    ],
});
