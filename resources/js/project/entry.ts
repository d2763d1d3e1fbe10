import { ref } from 'vue';
import type { With } from './readings';

/** How the next number is kept: as one more take beside the others, and read with what. */
export const again = ref(false);
export const instrument = ref<With | null>(null);
