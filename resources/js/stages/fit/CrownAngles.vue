<script setup lang="ts">
import { computed } from 'vue';
import { useProject } from '../../project/store';
import LengthField from '../../ui/LengthField.vue';
import { called } from '../../measure/called';

/** How the moulding over the top is cut, laid flat on the saw. */
const project = useProject();
const crown = computed(() => project.fitted!.crown!);
const deg = (a: number): string => `${a.toFixed(1)}°`;
const keep = (value: number): Promise<void> => project.set(['pieces', project.piece![0], 'top', 'spring'], value);
</script>

<template>
    <section class="bears">
        <h4>Moulding over the top, laid flat on the saw</h4>
        <div class="ch">
            <span v-tooltip.left="'The angle between its back and the wall'">Spring</span>
            <LengthField :model-value="crown.spring" unit="mm" degrees label="spring of the moulding" :keep="keep" />
        </div>
        <table class="figures">
            <thead>
                <tr>
                    <th>corner</th>
                    <th>is</th>
                    <th>swing</th>
                    <th>tilt</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="c in crown.corners" :key="c.side">
                    <td>{{ called(c.side) }}</td>
                    <td>{{ deg(c.angle) }}{{ c.read ? '' : ' taken' }}</td>
                    <td>{{ deg(c.swing) }}</td>
                    <td>{{ deg(c.tilt) }}</td>
                </tr>
            </tbody>
        </table>
        <p v-if="crown.turn !== null" class="soft small">
            Where it turns up the slope ({{ deg(crown.turn) }}) along the wall: a plain mitre of {{ deg(crown.mitre!) }} on each piece, no
            tilt.
        </p>
        <p class="soft small">Cut both hands on offcuts first and hold them up.</p>
    </section>
</template>

<style scoped>
.small {
    font-size: 12.5px;
    margin: 6px 0 0;
}
</style>
