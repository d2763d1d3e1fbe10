<script setup lang="ts">
import { computed, ref } from 'vue';
import type { MarkedOut } from '../api/plan';
import type { Unit } from '../measure/read';
import { show } from '../measure/show';
import { word } from '../measure/words';
import Fold from './Fold.vue';

/** How a part is marked out: corners and openings from two edges, seen from the face that is named, or mirrored from behind. */
const props = defineProps<{ marked: MarkedOut; unit: Unit }>();
const behind = ref(false);

const mm = (value: number): string => show(value, props.unit);
const across = (value: number, wide = 0): number => (behind.value ? props.marked.width - value - wide : value);
const deg = (value: number): string => `${value.toFixed(1)}°`;
/** As a bevel gauge reads it, and as a saw is set: off square, and the rest of the right angle. */
const both = (c: MarkedOut['corners'][number]): string =>
    c.off_square < 0.05 ? 'square' : `${deg(c.angle)} (${deg(c.off_square)} / ${deg(90 - c.off_square)})`;
const isOdd = computed(() => props.marked.corners.length > 4 || props.marked.corners.some((c) => c.off_square >= 0.05));
</script>

<template>
    <div>
        <p>
            {{ behind ? 'Mirrored, for marking from behind' : word(`marked.seen_${marked.seen}`) }}, {{ mm(marked.width) }} ×
            {{ mm(marked.height) }}; distances from its {{ behind ? 'right' : 'left' }} and lower edge.
            <button class="linkish" @click="behind = !behind">{{ behind ? 'Seen from its own face' : 'Marked from behind' }}</button>
        </p>
        <table v-if="isOdd" class="figures small">
            <thead>
                <tr>
                    <th>corner</th>
                    <th>across</th>
                    <th>up</th>
                    <th>edge on</th>
                    <th v-tooltip.left="'Inside angle; off square, and what is left of the right angle'">angle</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(c, i) in marked.corners" :key="i">
                    <td>{{ i + 1 }}</td>
                    <td>{{ mm(across(c.across)) }}</td>
                    <td>{{ mm(c.up) }}</td>
                    <td>{{ mm(c.edge) }}</td>
                    <td>{{ both(c) }}</td>
                </tr>
            </tbody>
        </table>
        <p v-if="isOdd && marked.diagonals.length">
            Prove it:
            <span v-for="(d, i) in marked.diagonals" :key="i"
                >{{ d.from }} to {{ d.to }} <b>{{ mm(d.length) }}</b>{{ i < marked.diagonals.length - 1 ? ', ' : '.' }}</span
            >
        </p>
        <table v-if="marked.openings.length" class="figures small">
            <thead>
                <tr>
                    <th>opening</th>
                    <th>across</th>
                    <th>up</th>
                    <th>wide</th>
                    <th>high</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(o, i) in marked.openings" :key="i">
                    <td>{{ word(`taken.${o.kind}`) }}</td>
                    <td>{{ mm(across(o.across, o.width)) }}</td>
                    <td>{{ mm(o.up) }}</td>
                    <td>{{ mm(o.width) }}</td>
                    <td>{{ mm(o.height) }}</td>
                </tr>
            </tbody>
        </table>
        <p v-if="marked.fence !== null">
            By router: a fence {{ mm(marked.fence) }} inside each line; no deeper a pass than half the bit.
            <template v-for="(o, i) in marked.openings" :key="`p${i}`">
                <template v-if="o.pin !== null"> The round one about a pin {{ mm(o.pin) }} from the middle of the bit.</template>
            </template>
        </p>
        <Fold v-if="marked.openings.length" title="Cannot be marked in place?">
            <p>{{ word('marked.surrogate') }}</p>
            <p>{{ word('marked.corners', unit) }}</p>
        </Fold>
    </div>
</template>

<style scoped>
p {
    margin: 0 0 8px;
}
</style>
