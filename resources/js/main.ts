import '@fontsource-variable/archivo/wdth.css';
import 'primeicons/primeicons.css';
import '../css/app.css';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import ToastService from 'primevue/toastservice';
import Tooltip from 'primevue/tooltip';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import { applyLight } from './ui/light';
import { preset } from './ui/theme';

applyLight();
if ('serviceWorker' in navigator) void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
createApp(App)
    .use(createPinia())
    .use(router)
    .use(PrimeVue, { theme: { preset, options: { darkModeSelector: '.dark' } } })
    .use(ToastService)
    .directive('tooltip', Tooltip)
    .mount('#app');
