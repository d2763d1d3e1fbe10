import { computed, onMounted, ref, type ComputedRef, type Ref } from 'vue';
import { useRoute } from 'vue-router';
import { say } from '../../measure/say';
import { useOutbox } from '../../project/outbox';
import { useProject } from '../../project/store';
import type { Waiting } from '../../project/waiting';
import { standing, type Facts } from './atWork';

/** What every place of work begins with: the project of the address, and what waits on this device to be sent. */
export function useWorkplace(ready: () => void): {
    project: ReturnType<typeof useProject>;
    outbox: ReturnType<typeof useOutbox>;
    id: ComputedRef<string>;
    trouble: Ref<string>;
    mine: ComputedRef<Waiting[]>;
    facts: ComputedRef<Facts>;
    kept: ComputedRef<string>;
    held: ComputedRef<string[]>;
} {
    const project = useProject();
    const outbox = useOutbox();
    const route = useRoute();
    const id = computed(() => String(route.params.id));
    const trouble = ref('');
    onMounted(async () => {
        try {
            if (project.line?.id !== id.value) await project.open(id.value);
            await outbox.load();
            ready();
        } catch (error) {
            trouble.value = error instanceof Error ? error.message : String(error);
        }
    });
    const mine = computed(() => outbox.items.filter((w) => w.project === id.value));
    const facts = computed(() => standing(project.document!, mine.value));
    const kept = computed(() => {
        if (mine.value.length === 0) return '';
        return outbox.signedOut
            ? say('{0} kept here: sign in again to send them', mine.value.length)
            : say('{0} kept on this device', mine.value.length);
    });
    /** Pieces whose parts may not be cut before somebody has decided. */
    const held = computed(() =>
        Object.values(project.plan?.pieces ?? {})
            .filter((p) => p.held.some((h) => h.before === 'cut'))
            .map((p) => p.name),
    );
    return { project, outbox, id, trouble, mine, facts, kept, held };
}
