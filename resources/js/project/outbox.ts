import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { api, type Operation, Refused, Unreachable } from '../api/client';
import { useProject } from './store';
import { ulid } from './ulid';
import { type Waiting, waiting } from './waiting';

const AGAIN_AFTER = 4000;

/** Sends what waits on this device, one after another and in order, whenever the server can be reached. */
export const useOutbox = defineStore('outbox', () => {
    const items = ref<Waiting[]>([]);
    const away = ref(false);
    const signedOut = ref(false);
    let sending: Promise<void> | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;

    const kept = computed(() => items.value.filter((w) => !w.refused));
    const refused = computed(() => items.value.filter((w) => w.refused));

    async function load(): Promise<void> {
        items.value = await waiting.all();
        void flush();
    }

    async function add(project: string, ops: readonly Operation[], photo?: Waiting['photo']): Promise<void> {
        // Plain copies: the disk takes no reactive ones.
        await waiting.put({ change_id: ulid(), project, ops: JSON.parse(JSON.stringify(ops)) as Operation[], ...(photo ? { photo } : {}) });
        items.value = await waiting.all();
        void flush();
    }

    function flush(): Promise<void> {
        sending ??= send().finally(() => (sending = null));
        return sending;
    }

    async function send(): Promise<void> {
        clearTimeout(timer);
        for (let next = kept.value[0]; next; next = kept.value[0]) {
            try {
                if (next.photo) await api.keepPhoto(next.project, next.photo.id, next.photo.blob);
                await deliver(next);
                away.value = signedOut.value = false;
                await waiting.drop(next.seq!);
            } catch (error) {
                if (!(await setAside(next, error))) return;
            }
            items.value = await waiting.all();
        }
    }

    async function deliver(item: Waiting): Promise<void> {
        const project = useProject();
        const { change_id, ops } = item;
        const answer = await api.change(item.project, { change_id, base_revision: Math.max(1, project.revision), ops });
        if (project.line?.id === item.project) project.received(answer);
    }

    /** True when the next may be tried: this one is kept with the reason. False when all must wait. */
    async function setAside(item: Waiting, error: unknown): Promise<boolean> {
        const status = error instanceof Refused ? error.status : 0;
        signedOut.value = status === 401 || status === 419;
        if (error instanceof Unreachable || signedOut.value || status >= 500 || status === 429) {
            away.value = !signedOut.value;
            timer = setTimeout(() => void flush(), AGAIN_AFTER);
            return false;
        }
        await waiting.put({
            ...JSON.parse(JSON.stringify({ ...item, photo: undefined })),
            photo: item.photo,
            refused: String((error as Error).message),
        });
        return true;
    }

    async function giveUp(item: Waiting): Promise<void> {
        await waiting.drop(item.seq!);
        items.value = await waiting.all();
    }

    return { items, kept, refused, away, signedOut, load, add, flush, giveUp };
});
