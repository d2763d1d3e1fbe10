<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, reactive, ref } from 'vue';
import type { Finding } from '../api/plan';
import { capitalised, word } from '../measure/words';
import { useProject } from '../project/store';
import { ulid } from '../project/ulid';
import Choice from './Choice.vue';
import { useRefusals } from './refusals';

/** Who has to be asked about a finding, and what they said once they were. */
const props = defineProps<{ finding: Finding }>();
const project = useProject();
const guarded = useRefusals();
const recording = ref(false);
const heard = reactive({ who: '', on: new Date().toISOString().slice(0, 10), said: '', goesOn: true });
const isWhole = computed(() => heard.who.trim() !== '' && heard.said.trim() !== '' && /^\d{4}-\d{2}-\d{2}$/.test(heard.on));
const kept = computed(() =>
    Object.entries(project.document?.decisions ?? {}).find(([, d]) => d.code === props.finding.code && d.ref === props.finding.place.ref),
);

async function record(): Promise<void> {
    if (!isWhole.value) return;
    const value = {
        code: props.finding.code,
        ref: props.finding.place.ref,
        who: heard.who.trim(),
        on: heard.on,
        said: heard.said.trim(),
        goes_on: heard.goesOn,
    };
    const done = kept.value
        ? project.set(['decisions', kept.value[0]], value)
        : project.change({ op: 'add', path: ['decisions', ulid()], value });
    if (await guarded(done)) recording.value = false;
}

const takeBack = (): Promise<boolean> => guarded(project.change({ op: 'remove', path: ['decisions', kept.value![0]] }));
</script>

<template>
    <div class="decision">
        <p v-if="finding.decided" class="said" :class="{ no: !finding.decided.goes_on }">
            {{ finding.decided.who }}, {{ finding.decided.on }}: “{{ finding.decided.said }}”
            <b>{{ finding.decided.goes_on ? 'It goes on.' : 'It does not go on.' }}</b>
            <button v-if="kept" class="linkish" @click="takeBack">Take back</button>
        </p>
        <p v-else class="waits">
            {{ capitalised(word(`decides.${finding.decides}`)) }} decides. {{ word(`held.${finding.before}`) }}
            <button v-if="!recording" class="linkish" @click="recording = true">Write down what was said</button>
        </p>
        <form v-if="recording && !finding.decided" @submit.prevent="record">
            <InputText v-model="heard.who" size="small" maxlength="120" placeholder="who" aria-label="who decided" autofocus />
            <InputText v-model="heard.on" size="small" type="date" aria-label="on which day" />
            <InputText
                v-model="heard.said"
                class="long"
                size="small"
                maxlength="500"
                placeholder="what they said"
                aria-label="what they said"
            />
            <Choice
                label="whether it goes on"
                :value="heard.goesOn"
                :options="[
                    { value: true, label: 'It goes on' },
                    { value: false, label: 'It does not' },
                ]"
                @choose="(v) => (heard.goesOn = v)"
            />
            <Button type="submit" label="Keep" size="small" :disabled="!isWhole" />
            <button type="button" class="linkish" @click="recording = false">Not now</button>
        </form>
    </div>
</template>

<style scoped>
p {
    margin: 4px 0 0;
}
.waits {
    font-weight: 600;
}
.said {
    color: var(--chalk);
}
.said.no {
    color: var(--brick);
}
form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    margin-top: 6px;
}
.long {
    flex: 1 1 260px;
}
</style>
