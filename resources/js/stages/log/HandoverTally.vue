<script setup lang="ts">
import FileLink from '../../ui/FileLink.vue';
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api } from '../../api/client';
import { happened } from '../../project/facts';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';

/** Handing it over, taking the record along, and beginning the other side. */
const project = useProject();
const guarded = useRefusals();
const router = useRouter();
const to = ref('');
const handed = computed(() => project.plan!.handover.handed);
const left = computed(() => project.plan!.steps.filter((s) => !s.done).length);
const unrecorded = computed(() => project.plan!.steps.flatMap((s) => s.asks).filter((a) => !a.recorded).length);

async function handOver(): Promise<void> {
    const fact = { kind: 'handed_over', ...(to.value.trim() ? { to: to.value.trim() } : {}) };
    if (await guarded(project.change(happened(fact)))) to.value = '';
}
const trouble = ref('');
async function otherSide(): Promise<void> {
    try {
        const made = await api.otherSide(project.line!.id);
        await router.push(`/projects/${made.data.id}/site`);
    } catch (error) {
        trouble.value = error instanceof Error ? error.message : String(error);
    }
}
</script>

<template>
    <section class="tape-paper" aria-label="handing over">
        <div class="what">{{ handed ? 'Handed over' : 'Not handed over yet' }}</div>
        <div class="big">{{ handed?.at?.slice(0, 10) ?? `${left} to do` }}</div>
        <p v-if="handed?.to">to {{ handed.to }}</p>
        <p v-if="!handed && unrecorded" class="mind">
            {{ unrecorded === 1 ? 'One thing' : `${unrecorded} things` }} that will be covered {{ unrecorded === 1 ? 'is' : 'are' }} not
            recorded yet.
        </p>
        <p>
            <FileLink :to="`/api/projects/${project.line!.id}/record.pdf`">Record on paper</FileLink> ·
            <FileLink :to="`/api/projects/${project.line!.id}/record.json`">as data</FileLink>
        </p>
    </section>
    <section class="bears">
        <form v-if="!handed" @submit.prevent="handOver">
            <label class="ch">
                <span>To</span>
                <InputText v-model="to" size="small" maxlength="120" aria-label="handed over to" placeholder="whoever lives with it" />
            </label>
            <Button type="submit" label="Hand over" size="small" />
        </form>
        <h4>The other side</h4>
        <p class="soft">The same pieces mirrored, as a project of their own. It wants its own readings: no two sides are alike.</p>
        <Button label="Make the other side" size="small" severity="secondary" @click="otherSide" />
        <p v-if="trouble" role="alert" class="bad">{{ trouble }}</p>
    </section>
</template>

<style scoped>
a {
    color: var(--chalk);
}
p {
    font-size: 13px;
    margin: 6px 0;
}
.mind {
    color: var(--ochre-text);
}
.bad {
    color: var(--brick);
}
form > button {
    margin-top: 8px;
}
</style>
