import { ref } from 'vue';

type Light = 'light' | 'dark';

const kept = (): Light => (localStorage.getItem('light') === 'dark' ? 'dark' : 'light');

export const light = ref<Light>('light');

export function applyLight(next: Light = kept()): void {
    light.value = next;
    localStorage.setItem('light', next);
    document.documentElement.classList.toggle('dark', next === 'dark');
}
