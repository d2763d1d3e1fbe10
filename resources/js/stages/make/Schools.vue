<script setup lang="ts">
import { computed } from 'vue';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import Fold from '../../ui/Fold.vue';
import { useRefusals } from '../../ui/refusals';
import Stepper from '../../ui/Stepper.vue';
import TickRow from '../../ui/TickRow.vue';

/** The schools that change the order of work. */
const project = useProject();
const guarded = useRefusals();
const make = computed(() => project.document!.make ?? {});
const set = (field: string, value: unknown): Promise<boolean> => guarded(project.set(['make', field], value));
const glued = computed(() =>
    project.pieces.map(([id, p]) => ({ id, name: p.name, glue: p.methods?.glue ?? project.document!.methods.glue ?? true })),
);
</script>

<template>
    <Fold title="How you work" open>
        <h5>Finish</h5>
        <Choice
            label="when it is finished"
            :value="make.finish ?? 'before'"
            :options="[
                { value: 'before', label: 'Boards first', hint: 'painted lying flat; joints are masked; touched up at the end' },
                { value: 'after', label: 'Once it stands', hint: 'filled, caulked and painted all at once; more masking in the room' },
            ]"
            @choose="(v) => set('finish', v)"
        />
        <h5>Cutting to the wall</h5>
        <Choice
            label="where it is scribed"
            :value="make.scribe ?? 'site'"
            :options="[
                { value: 'site', label: 'At the wall', hint: 'blanks go long and are scribed where they stand' },
                { value: 'precut', label: 'From the survey', hint: 'cut at the bench from the readings: as true as they are' },
            ]"
            @choose="(v) => set('scribe', v)"
        />
        <h5>Joints</h5>
        <div v-for="g in glued" :key="g.id" class="one">
            <span v-if="glued.length > 1">{{ g.name }}</span>
            <Choice
                :label="`joints of ${g.name}`"
                :value="g.glue"
                :options="[
                    { value: true, label: 'Glued' },
                    { value: false, label: 'Dry', hint: 'comes apart again; no waiting for clamps' },
                ]"
                @choose="(v) => guarded(project.set(['pieces', g.id, 'methods', 'glue'], v))"
            />
        </div>
        <div class="ch">
            <span>Pairs of hands</span>
            <Stepper
                label="pairs of hands"
                :value="make.hands ?? 1"
                :least="1"
                :most="6"
                @less="set('hands', (make.hands ?? 1) - 1)"
                @more="set('hands', (make.hands ?? 1) + 1)"
            />
        </div>
        <TickRow
            title="Finish what is hidden"
            label="finish what is hidden"
            :on="make.finish_hidden ?? false"
            :path="['make', 'finish_hidden']"
        />
    </Fold>
</template>

<style scoped>
h5 {
    margin: 10px 0 4px;
    font-size: 12.5px;
    font-weight: 600;
}
.one {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 8px;
    margin-bottom: 4px;
}
.ch {
    margin-top: 8px;
}
</style>
