<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import { api, type Compared, type RevisionLine } from '../../api/client';
import { useProject } from '../../project/store';
import ComparisonView from './ComparisonView.vue';
import RevisionCard from './RevisionCard.vue';
import RevisionList from './RevisionList.vue';

/** What became of the project: each revision told, any two of them compared, an earlier one brought back. */
const project = useProject();
const lines = ref<RevisionLine[]>([]);
const from = ref<number | null>(null);
const to = ref<number | null>(null);
const compared = shallowRef<Compared | null>(null);
const trouble = ref('');
const chosen = computed(() => lines.value.find((l) => l.number === from.value) ?? null);
const end = computed(() => to.value ?? project.revision);

async function told(work: () => Promise<void>): Promise<void> {
    try {
        await work();
        trouble.value = '';
    } catch (error) {
        trouble.value = error instanceof Error ? error.message : String(error);
    }
}

const load = (): Promise<void> => told(async () => void (lines.value = (await api.revisions(project.line!.id)).data));
const earlier = (): Promise<void> =>
    told(async () => {
        const { data } = await api.revisions(project.line!.id, lines.value.at(-1)!.number - 1);
        lines.value = [...lines.value, ...data];
    });

/** A revision brought back is a new one, and stands at the top. */
watch(() => project.revision, load, { immediate: true });
let asked = 0;
watch([from, end], async () => {
    const mine = ++asked;
    compared.value = null;
    if (from.value === null) return;
    await told(async () => {
        const answer = await api.compare(project.line!.id, from.value!, end.value);
        if (mine === asked) compared.value = answer;
    });
});
</script>

<template>
    <main class="board history">
        <RevisionList :lines="lines" :from="from" @from="(n) => (from = n)" @earlier="earlier" />
        <section class="listing" aria-label="comparison">
            <p v-if="trouble" role="alert" class="bad">{{ trouble }}</p>
            <template v-if="from !== null">
                <p class="between">
                    From revision {{ from }} to
                    <select v-model="to" aria-label="compared with">
                        <option :value="null">how it stands now</option>
                        <option v-for="l in lines" :key="l.number" :value="l.number">
                            revision {{ l.number }}{{ l.name ? `, ${l.name}` : '' }}
                        </option>
                    </select>
                </p>
                <ComparisonView v-if="compared" :compared="compared" />
                <p v-else-if="!trouble" class="soft">Comparing…</p>
            </template>
            <p v-else class="soft">Pick a revision at the left: what is different since then is told here, and it can be brought back.</p>
        </section>
    </main>
    <aside class="tally" aria-label="tally">
        <RevisionCard v-if="chosen" :line="chosen" :compared="compared" @named="load" />
        <p v-else class="soft">
            Every change is a revision. Nothing is lost: bringing back an earlier one is a change like any other, and undo takes it back.
        </p>
    </aside>
</template>

<style scoped>
.history {
    display: grid;
    grid-template-columns: minmax(280px, 2fr) 3fr;
}
.between {
    margin: 14px 0 0;
}
select {
    max-width: 260px;
}
.bad {
    color: var(--brick);
}
@media (max-width: 900px) {
    .history {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
