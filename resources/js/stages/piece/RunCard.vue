<script setup lang="ts">
import { computed } from 'vue';
import type { Run } from '../../api/document';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { useRefusals } from '../../ui/refusals';
import type { Placed } from './ops';

/** One run where there are several: how long, how deep, and what it does in the corner. */
const props = defineProps<{ run: Placed<Run>; title: string }>();
const project = useProject();
const guarded = useRefusals();
const isSide = computed(() => (props.run.value.wall ?? 'back') !== 'back');
const own = (key: string): string[] => [...props.run.path, key];
</script>

<template>
    <details :open="isSide">
        <summary>{{ title }}</summary>
        <template v-if="isSide">
            <LengthRow
                title="From the back wall"
                :label="`length of the run ${title.toLowerCase()}`"
                :value="run.value.length"
                :path="own('length')"
            />
            <div class="ch">
                <span>In the corner</span>
                <Choice
                    :label="`corner of the run ${title.toLowerCase()}`"
                    :value="run.value.corner ?? 'stops'"
                    :options="[
                        { value: 'stops', label: 'Stops', hint: 'the run along the back goes on into the corner' },
                        { value: 'through', label: 'Goes through', hint: 'the run along the back stops before it' },
                    ]"
                    @choose="(v) => guarded(project.set(own('corner'), v))"
                />
            </div>
            <LengthRow
                title="Room in it"
                :label="`corner room of the run ${title.toLowerCase()}`"
                :value="run.value.corner_room"
                :path="own('corner_room')"
                placeholder="50"
            />
            <button class="linkish" @click="guarded(project.change({ op: 'remove', path: run.path }))">Take the run out</button>
        </template>
        <LengthRow
            title="Depth"
            :label="`depth of the run ${title.toLowerCase()}`"
            :value="run.value.depth"
            :path="own('depth')"
            placeholder="as the piece"
        />
    </details>
</template>

<style scoped>
summary {
    cursor: pointer;
    font-size: 13px;
    font-weight: 600;
    margin: 8px 0 4px;
}
</style>
