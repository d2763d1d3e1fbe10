<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import type { Offsets } from '../../api/document';
import { showWithUnit } from '../../measure/show';
import { word } from '../../measure/words';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import Choice from '../../ui/Choice.vue';
import Fold from '../../ui/Fold.vue';
import LengthField from '../../ui/LengthField.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { useRefusals } from '../../ui/refusals';
import { offsetsOf } from './edges';

/** Offsets taken by hand along one edge: from a straightedge held where the carcass ends, or from the part itself pushed in. */
const props = defineProps<{ edge: string }>();
const project = useProject();
const guarded = useRefusals();
const at = ref<number | null>(null);
const gap = ref<number | null>(null);
const again = ref(0);

const path = (...more: string[]): string[] => ['pieces', project.piece![0], 'offsets', ...more];
const mine = computed(() => offsetsOf(project.piece![1].offsets, props.edge));
const gaps = computed(() => Object.entries(mine.value?.[1].gaps ?? {}).sort(([, a], [, b]) => a.at - b.at));
const from = computed(() => word(`edge.along.${project.fitted!.edges[props.edge]!.along}`));

/** The first offset begins the record. */
async function add(): Promise<void> {
    if (at.value === null || gap.value === null) return;
    const taken = { at: at.value, gap: gap.value };
    const begun: Offsets = { edge: props.edge, held: 'straightedge', gaps: { [ulid()]: taken } };
    const op = mine.value
        ? { op: 'add' as const, path: path(mine.value[0], 'gaps', ulid()), value: taken }
        : { op: 'add' as const, path: path(ulid()), value: begun };
    if (await guarded(project.change(op))) {
        at.value = gap.value = null;
        again.value++;
    }
}
</script>

<template>
    <Fold title="Offsets taken by hand">
        <p class="soft small">
            Hold a straightedge where the carcass ends, or push the over-wide part in until it touches, and read the gap every 300 mm and
            wherever the wall turns. Two are enough to take over from the survey.
        </p>
        <div v-if="mine" class="ch">
            <span>Read from</span>
            <Choice
                label="offsets read from"
                :value="mine[1].held"
                :options="[
                    { value: 'straightedge', label: 'Straightedge' },
                    { value: 'part', label: 'The part' },
                ]"
                @choose="(v) => guarded(project.set(path(mine![0], 'held'), v))"
            />
        </div>
        <LengthRow
            v-if="mine"
            :title="mine[1].held === 'part' ? 'still to travel' : 'held off it by'"
            label="offsets held off"
            :value="mine[1].off"
            :path="path(mine[0], 'off')"
            :placeholder="mine[1].held === 'part' ? 'the greatest gap' : '0'"
        />
        <ul v-if="mine" class="pick-list">
            <li v-for="[id, g] in gaps" :key="id">
                <span>{{ showWithUnit(g.at, project.unit) }}</span>
                <span class="num"
                    >{{ showWithUnit(g.gap, project.unit) }}
                    <button
                        class="linkish"
                        :aria-label="`take out the offset at ${g.at}`"
                        @click="guarded(project.change({ op: 'remove', path: path(mine![0], 'gaps', id) }))"
                    >
                        take out
                    </button></span
                >
            </li>
        </ul>
        <div class="new">
            <label
                ><small class="soft">{{ from }}</small>
                <LengthField
                    :key="`a${again}`"
                    :model-value="at"
                    :unit="project.documentUnit"
                    label="offset at"
                    :keep="async (v) => void (at = v)"
            /></label>
            <label
                ><small class="soft">gap</small>
                <LengthField
                    :key="`g${again}`"
                    :model-value="gap"
                    :unit="project.documentUnit"
                    label="offset gap"
                    :keep="async (v) => void (gap = v)"
                    @next="add"
            /></label>
            <Button label="Add" size="small" :disabled="at === null || gap === null" @click="add" />
        </div>
        <button v-if="mine" class="linkish" @click="guarded(project.change({ op: 'remove', path: path(mine[0]) }))">
            Go back to the survey
        </button>
    </Fold>
</template>

<style scoped>
.small {
    font-size: 12.5px;
    margin: 0 0 8px;
}
.new {
    display: grid;
    grid-template-columns: 1fr 1fr auto;
    gap: 8px;
    align-items: end;
    margin-bottom: 6px;
}
.new label {
    display: grid;
}
.new :deep(input) {
    width: 78px;
}
</style>
