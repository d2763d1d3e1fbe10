<script setup lang="ts">
import { computed } from 'vue';
import type { Drawing, Stroke } from '../api/plan';
import type { Unit } from '../measure/read';
import CaptionText from './CaptionText.vue';
import DimensionLine from './DimensionLine.vue';
import { type Frame, frameOf, marginsOf } from './frame';
import GapRibbon from './GapRibbon.vue';
import LeaderLine from './LeaderLine.vue';
import LevelMark from './LevelMark.vue';
import MarkTag from './MarkTag.vue';
import { outline, trace } from './path';
import ReadingTag from './ReadingTag.vue';
import ReadingTape from './ReadingTape.vue';
import { tagPlace } from './tags';
import ThingShape from './ThingShape.vue';

const props = defineProps<{
    drawing: Drawing;
    scale: number;
    unit: Unit;
    picked: string | null;
    doubted?: readonly string[];
    names?: Readonly<Record<string, string>>;
    label: string;
}>();
const emit = defineEmits<{ pick: [ref: string]; move: [ref: string, by: Record<string, number>] }>();

const frame = computed<Frame>(() => frameOf(props.drawing, props.scale));
const floor = computed(() => frame.value.height - marginsOf(props.drawing, props.scale).bottom);
const of = (kind: Stroke['kind']): Stroke[] => props.drawing.items.filter((i) => i.kind === kind);

/** The picked tape's tag, where the entry field opens. */
const entry = computed(() => {
    const stroke = of('reading').find((i) => i.ref === props.picked);
    return stroke ? tagPlace(stroke, frame.value) : null;
});
</script>

<template>
    <div class="drawing" :style="{ width: `${frame.width}px`, height: `${frame.height}px` }">
        <svg :width="frame.width" :height="frame.height" role="group" :aria-label="label">
            <path
                v-for="(s, i) in of('shape')"
                :key="`s${i}`"
                :d="outline(s.points ?? [], frame)"
                :class="['shape', `on-${s.layer}`, { picked: s.ref && s.ref === picked, pickable: s.ref }]"
                @click="s.ref && emit('pick', s.ref)"
            >
                <title v-if="s.ref && names?.[s.ref]">{{ names[s.ref] }}</title>
            </path>
            <ThingShape
                v-for="s in of('thing')"
                :key="s.ref!"
                :stroke="s"
                :frame="frame"
                :unit="unit"
                :picked="s.ref === picked"
                @pick="(r) => emit('pick', r)"
                @move="(r, fields) => emit('move', r, fields)"
            />
            <path v-for="(s, i) in of('line')" :key="`o${i}`" :d="trace(s.points ?? [], frame)" :class="['line', `on-${s.layer}`]" />
            <GapRibbon
                v-for="(s, i) in of('ribbon')"
                :key="`r${i}`"
                :stroke="s"
                :frame="frame"
                :unit="unit"
                :picked="!!s.ref && s.ref === picked"
                @pick="(r) => emit('pick', r)"
            />
            <ReadingTape
                v-for="s in of('reading')"
                :key="`line ${s.ref}`"
                :stroke="s"
                :frame="frame"
                :picked="s.ref === picked"
                @pick="(r) => emit('pick', r)"
            />
            <ReadingTag
                v-for="s in of('reading')"
                :key="s.ref!"
                :stroke="s"
                :frame="frame"
                :unit="unit"
                :picked="s.ref === picked"
                :doubted="doubted?.includes(s.ref!) ?? false"
                :name="names?.[s.ref!] ?? ''"
                @pick="(r) => emit('pick', r)"
            />
            <DimensionLine
                v-for="(s, i) in of('dimension')"
                :key="`d${i}`"
                :stroke="s"
                :frame="frame"
                :unit="unit"
                :floor="floor"
                :edge="frame.width"
                :picked="!!s.ref && s.ref === picked"
                @pick="(r) => emit('pick', r)"
            />
            <CaptionText
                v-for="(s, i) in of('caption')"
                :key="`c${i}`"
                :stroke="s"
                :frame="frame"
                :unit="unit"
                @pick="(r) => emit('pick', r)"
            />
            <MarkTag
                v-for="s in of('mark')"
                :key="`m${s.ref}`"
                :stroke="s"
                :frame="frame"
                :picked="s.ref === picked"
                @pick="(r) => emit('pick', r)"
            />
            <slot name="over" :frame="frame" />
            <LevelMark v-for="(s, i) in of('level')" :key="`l${i}`" :stroke="s" :frame="frame" :unit="unit" />
            <LeaderLine
                v-for="(s, i) in of('leader')"
                :key="`t${i}`"
                :stroke="s"
                :frame="frame"
                :unit="unit"
                @pick="(r) => emit('pick', r)"
            />
        </svg>
        <div v-if="entry" class="entry" :style="{ left: `${entry.x}px`, top: `${entry.y}px` }"><slot name="entry" /></div>
    </div>
</template>
