<script setup lang="ts">
import { useProject } from '../../project/store';
import Fold from '../../ui/Fold.vue';
import LengthField from '../../ui/LengthField.vue';
import LengthRow from '../../ui/LengthRow.vue';
import TapeCheck from './TapeCheck.vue';
import { say } from '../../measure/say';

/** How far the person's instruments may be out; every doubt in the plan follows from these. */
const project = useProject();
const fields = [
    { key: 'tape_base', label: say('Tape ±') },
    { key: 'tape_per_metre', label: say('… and a metre') },
    { key: 'tape_bend', label: say('… end bent in') },
    { key: 'level_per_metre', label: say('Level, a metre') },
    { key: 'laser_per_metre', label: say('Laser, a metre'), usual: '0.3' },
    { key: 'meter_limit', label: say('Distance meter ±'), usual: '2' },
] as const;
</script>

<template>
    <Fold title="Tape, level, meter, gauge">
        <LengthRow
            v-for="f in fields"
            :key="f.key"
            :title="f.label"
            :value="project.document!.workshop[f.key]"
            :path="['workshop', f.key]"
            :placeholder="'usual' in f ? f.usual : undefined"
        />
        <div class="ch">
            <span>Angle gauge ±</span>
            <LengthField
                degrees
                :model-value="project.document!.workshop.gauge_degrees ?? null"
                :unit="project.documentUnit"
                label="Angle gauge ±"
                placeholder="0.2"
                :keep="(deg: number) => project.set(['workshop', 'gauge_degrees'], deg)"
            />
        </div>
        <TapeCheck />
    </Fold>
</template>
