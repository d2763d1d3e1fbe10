<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Operation } from '../api/client';
import type { Finding } from '../api/plan';
import { render } from '../measure/words';
import { useProject } from '../project/store';
import { ulid } from '../project/ulid';
import Decision from './Decision.vue';
import LimitOf from './LimitOf.vue';
import { usePicked } from './picked';
import { useRefusals } from './refusals';
import SeverityMark from './SeverityMark.vue';
import { called } from '../measure/called';

/** One finding: what is wrong, why and what would settle it, with the step that cures it, or the reason for leaving it. */
const props = defineProps<{ finding: Finding }>();
const emit = defineEmits<{ shown: [] }>();
const project = useProject();
const router = useRouter();
const picked = usePicked();
const guarded = useRefusals();
const accepting = ref(false);
const reason = ref('');

/** Under which id the reason is kept. */
const kept = computed(() =>
    Object.entries(project.document?.accepted ?? {}).find(([, a]) => a.code === props.finding.code && a.ref === props.finding.place.ref),
);

function go(): void {
    emit('shown');
    project.showSpaceOf(props.finding.place.ref);
    picked.value = props.finding.place.ref;
    void router.push(`/projects/${project.line!.id}/${props.finding.place.stage}`);
}

const cure = (): Promise<boolean> => guarded(project.change(...(props.finding.fix!.ops as Operation[])));

async function accept(): Promise<void> {
    if (reason.value.trim() === '') return;
    const value = { code: props.finding.code, ref: props.finding.place.ref, reason: reason.value.trim() };
    const keep = project.change({ op: 'add', path: ['accepted', ulid()], value });
    if (await guarded(keep)) accepting.value = false;
}

const takeBack = (): Promise<boolean> => guarded(project.set(['accepted', kept.value![0]], null));
</script>

<template>
    <div class="finding" role="listitem">
        <SeverityMark :severity="finding.severity" />
        <div>
            <b>{{ called(finding.severity) }}</b> {{ render(finding.says, project.unit) }}
            <div class="soft">
                {{ render(finding.remedy, project.unit) }} <i>Source: {{ render(finding.source, project.unit) }}.</i>
            </div>
            <Decision v-if="finding.decides" :finding="finding" />
            <div v-else-if="finding.holds && finding.before">{{ render({ key: `held.${finding.before}`, args: {} }, project.unit) }}</div>
            <LimitOf :code="finding.code" />
            <div v-if="finding.accepted" class="reason">Left as it is: {{ finding.accepted }}</div>
            <form v-if="accepting" class="accept" @submit.prevent="accept">
                <InputText v-model="reason" size="small" maxlength="400" placeholder="why it may stay so" aria-label="reason" autofocus />
                <Button type="submit" label="Leave it so" size="small" :disabled="reason.trim() === ''" />
                <button type="button" class="linkish" @click="accepting = false">Not now</button>
            </form>
        </div>
        <div class="acts">
            <Button
                v-if="finding.fix && !finding.accepted"
                :label="render(finding.fix.does, project.unit)"
                size="small"
                severity="secondary"
                @click="cure"
            />
            <button class="linkish" @click="go">Show</button>
            <button v-if="finding.accepted && kept" class="linkish" @click="takeBack">Take back</button>
            <button v-else-if="finding.severity !== 'stop' && !finding.decides && !accepting" class="linkish" @click="accepting = true">
                Accept
            </button>
        </div>
    </div>
</template>

<style scoped>
.finding {
    display: grid;
    grid-template-columns: 20px minmax(0, 1fr) auto;
    gap: 10px;
    padding: 10px 20px;
    border-bottom: 1px solid var(--rule);
    align-items: start;
    font-size: 13.5px;
}
.finding i {
    font-style: normal;
    opacity: 0.85;
}
.acts {
    display: flex;
    gap: 14px;
    align-items: center;
}
.accept {
    display: flex;
    gap: 10px;
    align-items: center;
    margin-top: 6px;
}
.accept :deep(.p-inputtext) {
    width: min(420px, 50vw);
}
.reason {
    color: var(--chalk);
}
</style>
