<script setup lang="ts">
import type { Stroke } from '../api/plan';
import type { Unit } from '../measure/read';
import { show } from '../measure/show';
import { render } from '../measure/words';
import type { Frame } from './frame';

const props = defineProps<{ stroke: Stroke; frame: Frame; unit: Unit }>();
const at = (): [number, number] => {
    const [[u, v]] = props.stroke.points as [[number, number]];
    return [props.frame.x(u), props.frame.y(v)];
};
</script>

<template>
    <g class="level">
        <title>{{ stroke.name && render(stroke.name, unit) }}: {{ show(stroke.value ?? 0, unit) }}</title>
        <path :d="`M${at()[0] + 2} ${at()[1]}l5 -7h-10z`" />
        <text :x="at()[0] - 8" :y="at()[1] - 3" text-anchor="end" class="tiny">{{ show(stroke.value ?? 0, unit) }}</text>
    </g>
</template>
