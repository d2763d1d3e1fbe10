<script setup lang="ts">
import { computed, ref } from 'vue';
import type { StickPlan } from '../../api/plan';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import { useSize } from '../../ui/size';
import type { AtStick } from './sticks';

/** The stick as it lies: what is cut already is grey, the next cut is heavy, and under each end stands where it comes on a tape from the stick's end. */
const props = defineProps<{ stick: StickPlan; state: AtStick }>();
const project = useProject();
const box = ref<HTMLElement | null>(null);
const size = useSize(box, { width: 500, height: 200 });
const scale = computed(() => (size.value.width - 48) / props.stick.length);
const x = (mm: number): number => 24 + mm * scale.value;
const end = computed(() => (props.state.next ? props.state.next.at + props.state.next.length : 0));
/** Marks that would run into each other are left to the list beside them. */
const marks = computed(() => {
    let last = -Infinity;
    return props.stick.pieces.filter((p) => {
        const at = x(p.at + p.length);
        const room = at - last > 58;
        if (room) last = at;
        return room;
    });
});
</script>

<template>
    <div ref="box" class="lie">
        <svg :width="size.width" height="150" role="img" aria-label="the stick as it lies">
            <rect :x="x(0)" y="40" :width="stick.length * scale" height="52" class="whole" />
            <g v-for="p in stick.pieces" :key="p.part">
                <rect
                    :x="x(p.at)"
                    y="40"
                    :width="p.length * scale"
                    height="52"
                    :class="['part', { free: state.made.has(p.part), coming: p === state.next }]"
                />
                <text v-if="p.length * scale > 24" :x="x(p.at + p.length / 2)" y="72" text-anchor="middle">{{ p.label }}</text>
            </g>
            <text v-for="p in marks" :key="p.part" :x="x(p.at + p.length)" y="114" text-anchor="end" class="tape">
                {{ show(p.at + p.length, project.unit) }}
            </text>
            <path v-if="state.next" :d="`M${x(end)} 26V106`" class="next" />
        </svg>
    </div>
</template>

<style scoped src="./lies.css"></style>
<style scoped>
.lie {
    min-width: 0;
    align-self: center;
    overflow: hidden;
}
.tape {
    font-size: 13px;
    font-weight: 500;
    fill: var(--soft);
}
</style>
