import '@fontsource-variable/archivo/wdth.css';
import 'primeicons/primeicons.css';
import '../css/app.css';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import ToastService from 'primevue/toastservice';
import Tooltip from 'primevue/tooltip';
import { createApp } from 'vue';
import { askEarly } from './api/client';
import App from './App.vue';
import { say } from './measure/say';
import { router } from './router';
import { applyLight } from './ui/light';
import { preset } from './ui/theme';

applyLight();
askEarly(window.location.pathname);
if ('serviceWorker' in navigator) void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
const app = createApp(App);
// Templates are compiled to ask for their texts by this name (support/texts/templates.ts).
app.config.globalProperties.$say = say;
app.use(createPinia())
    .use(router)
    .use(PrimeVue, { theme: { preset, options: { darkModeSelector: '.dark' } } })
    .use(ToastService)
    .directive('tooltip', Tooltip)
    .mount('#app');
