<script setup lang="ts">
import Button from 'primevue/button';
import { computed, watch } from 'vue';
import type { Walked } from '../../api/plan';
import { also, lossless, show } from '../../measure/show';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import { again, instrument, instrumentOf } from '../../project/entry';
import ReadingNotes from './ReadingNotes.vue';
import { instrumentsFor, isAngle, isRead, readingRemoved, strikeOf } from '../../project/readings';
import TakesList from './TakesList.vue';

/** The picked reading: its number, how to take it, its takes, and what speaks against it. */
const props = defineProps<{ reading: Walked }>();
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();

const finding = computed(() => project.plan?.findings.find((f) => f.place.ref === props.reading.id) ?? null);
const help = computed(() => render({ key: `help.reading.${props.reading.kind}`, args: {} }, project.unit));
const instruments = computed(() => instrumentsFor(props.reading.kind));
const showsOff = computed(() => Math.abs(props.reading.off_by ?? props.reading.off_by_deg ?? 0) >= 0.05);

watch(() => props.reading.id, () => (again.value = false), { immediate: true }); // prettier-ignore

async function remove(): Promise<void> {
    const { id } = props.reading;
    const ops = [...strikeOf(props.reading), readingRemoved(project.space![0], id)];
    picked.value = null;
    await guarded(project.change(...ops));
}
</script>

<template>
    <section class="tape-paper">
        <div class="what">{{ capitalised(render(reading.name, project.unit)) }}</div>
        <div class="big">
            <template v-if="reading.value !== null">
                {{ lossless(reading.value, project.unit) }}<small>{{ project.unit }}</small>
            </template>
            <template v-else-if="reading.deg !== null">{{ reading.deg }}<small>°</small></template>
            <template v-else>–<small>not read yet</small></template>
        </div>
        <div v-if="reading.value !== null" class="alt">
            {{ also(reading.value, project.unit) }}<span class="soft"> · typed “{{ reading.typed }}”</span>
        </div>
        <p class="help soft">{{ help }}</p>
        <p v-if="finding" class="doubted">{{ render(finding.says, project.unit) }} {{ render(finding.remedy, project.unit) }}</p>
        <p v-else-if="showsOff" class="help soft">
            Off by {{ isAngle(reading.kind) ? `${reading.off_by_deg}°` : show(reading.off_by!, project.unit) }} from what all readings
            together say: within its doubt.
        </p>
        <p v-if="isRead(reading) && reading.checked !== null && reading.checked < 0.05" class="help soft">
            No other reading checks this one.
        </p>
        <div v-if="instruments.length > 1" class="how">
            <Choice label="read with" :value="instrumentOf(reading.kind)" :options="instruments" @choose="(w) => (instrument = w)" />
        </div>
        <TakesList v-if="reading.takes.length > 0" :reading="reading" />
        <p v-if="again" class="help again">The next number typed is one more take; what stands is kept beside it.</p>
        <ReadingNotes :reading="reading" />
        <div class="acts">
            <Button
                v-if="isRead(reading)"
                label="Take it again"
                size="small"
                severity="secondary"
                :disabled="again"
                @click="again = true"
            />
            <Button label="Remove" size="small" severity="secondary" @click="remove" />
        </div>
    </section>
</template>

<style scoped>
.help {
    font-size: 13px;
    margin: 8px 0 0;
}
.again {
    color: var(--chalk);
    font-weight: 600;
}
.doubted {
    font-size: 13px;
    margin: 10px 0 0;
    color: var(--ochre-text);
    font-weight: 600;
}
.how {
    margin-top: 10px;
}
.acts {
    display: flex;
    gap: 8px;
    margin-top: 14px;
}
</style>
