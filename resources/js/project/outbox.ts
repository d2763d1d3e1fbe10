import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { api, type Operation, Refused, Unreachable } from '../api/client';
import { say } from '../measure/say';
import { useProject } from './store';
import { ulid } from './ulid';
import { type Waiting, waiting } from './waiting';

const AGAIN_AFTER = 4000;

/** Sends what waits on this device, one after another and in order, whenever the server can be reached. */
export const useOutbox = defineStore('outbox', () => {
    const items = ref<Waiting[]>([]);
    const away = ref(false);
    const signedOut = ref(false);
    /** Why the last thing said is not on this device's disk, and so is not said. */
    const unkept = ref('');
    /** On its way to the device's disk: it counts from the press on, so that a second press finds it there. */
    let writing: readonly Waiting[] = [];
    let sending: Promise<void> = Promise.resolve();
    let timer: ReturnType<typeof setTimeout> | undefined;

    const kept = computed(() => items.value.filter((w) => !w.refused));
    const refused = computed(() => items.value.filter((w) => w.refused));

    async function read(): Promise<void> {
        const known = await waiting.all();
        items.value = [...known, ...writing.filter((w) => !known.some((k) => k.change_id === w.change_id))];
    }

    async function load(): Promise<void> {
        await read();
        void flush();
    }

    /** Rejects where this device would not keep it: then it is as if nothing had been said. */
    async function add(project: string, ops: readonly Operation[], photo?: Waiting['photo']): Promise<void> {
        // Plain copies: the disk takes no reactive ones.
        const item = { change_id: ulid(), project, ops: JSON.parse(JSON.stringify(ops)) as Operation[], ...(photo ? { photo } : {}) };
        writing = [...writing, item];
        items.value = [...items.value, item];
        try {
            await waiting.put(item);
            unkept.value = '';
        } catch (error) {
            unkept.value =
                error instanceof Error && error.name === 'QuotaExceededError'
                    ? say('Not kept: this device has no room left.')
                    : say('Not kept: {0}', error instanceof Error ? error.message : String(error));
            throw new Error(unkept.value);
        } finally {
            writing = writing.filter((w) => w !== item);
            await read();
        }
        void flush();
    }

    function flush(): Promise<void> {
        sending = sending.then(send, send);
        return sending;
    }

    /** The first that is on the disk. */
    const first = (): Waiting | undefined => kept.value.find((w) => w.seq !== undefined);

    async function send(): Promise<void> {
        clearTimeout(timer);
        for (let next = first(); next; next = first()) {
            try {
                if (next.photo) await api.keepPhoto(next.project, next.photo.id, next.photo.blob);
                await deliver(next);
                away.value = signedOut.value = false;
                await waiting.drop(next.seq!);
            } catch (error) {
                if (!(await setAside(next, error))) return;
            }
            await read();
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
        await read();
    }

    return { items, kept, refused, away, signedOut, unkept, load, add, flush, giveUp };
});
