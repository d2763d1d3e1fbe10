import { ref, type Ref } from 'vue';

const picked = ref<string | null>(null);

/** What is picked on the board, by reference; one thing at a time, shared by board, tally and findings. */
export const usePicked = (): Ref<string | null> => picked;
