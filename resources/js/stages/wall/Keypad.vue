<script setup lang="ts">
import { computed } from 'vue';
import type { Walked } from '../../api/plan';
import { readDegrees } from '../../measure/degrees';
import { readLength, type Unit } from '../../measure/read';
import { isSigned } from '../../project/readings';
import { back, digit, exactly, fraction, spoken, type Tapped, turned } from './pad';
import { say } from '../../measure/say';

/** Big keys for a thumb: figures, and the fractions of an inch or the point of a millimetre. */
const props = defineProps<{ reading: Walked; unit: Unit; degrees: boolean }>();
const emit = defineEmits<{ keep: [value: number, typed: string]; refused: [why: string] }>();
const tapped = defineModel<Tapped>({ required: true });
const signed = computed(() => isSigned(props.reading.kind));

interface Key {
    readonly label: string;
    readonly says: string;
    readonly tap: (t: Tapped) => Tapped;
    readonly side?: boolean;
}
const figure = (d: string): Key => ({ label: d, says: d, tap: (t) => digit(t, d) });
const side = (label: string, says: string, tap: Key['tap']): Key => ({ label, says, tap, side: true });
const point = side('.', say('point'), (t) => digit(t, '.'));
const sign = side('±', say('plus or minus'), turned);

const sides = computed<Key[]>(() => {
    if (props.degrees)
        return [
            point,
            side('.5', say('and a half'), (t) => digit(digit(t, '.'), '5')),
            side('90', say('ninety'), (t) => ({ ...t, digits: '90', fraction: null })),
            side('00', say('hundred'), (t) => digit(digit(t, '0'), '0')),
        ];
    if (props.unit === 'mm')
        return [
            point,
            signed.value ? sign : side('00', say('hundred'), (t) => digit(digit(t, '0'), '0')),
            side('.5', say('and a half'), (t) => digit(digit(t, '.'), '5')),
            side(say('⅛s in'), say('eighths of an inch'), (t) => fraction(t, 8)),
        ];
    return [
        side('½', say('and a half'), (t) => exactly(t, 1, 2)),
        side('¼s', say('quarters'), (t) => fraction(t, 4)),
        side('⅛s', say('eighths'), (t) => fraction(t, 8)),
        signed.value ? sign : side('1⁄32s', say('thirty-seconds'), (t) => fraction(t, 32)),
    ];
});
const sixteenths = side('1⁄16s', say('sixteenths'), (t) => fraction(t, 16));
const text = computed(() => spoken(tapped.value, props.degrees ? 'mm' : props.unit));

function keep(): void {
    try {
        const value = props.degrees ? readDegrees(text.value) : readLength(text.value, props.unit).mm;
        emit('keep', value, text.value);
    } catch (error) {
        emit('refused', error instanceof Error ? error.message : String(error));
    }
}
</script>

<template>
    <div class="pad" role="group" aria-label="keypad">
        <template
            v-for="(row, i) in [
                ['7', '8', '9'],
                ['4', '5', '6'],
                ['1', '2', '3'],
            ]"
            :key="i"
        >
            <button v-for="d in row" :key="d" :aria-label="d" @click="tapped = figure(d).tap(tapped)">{{ d }}</button>
            <template v-if="i === 0">
                <button v-for="k in sides.slice(0, 2)" :key="k.says" class="side" :aria-label="k.says" @click="tapped = k.tap(tapped)">
                    {{ k.label }}
                </button>
            </template>
            <template v-if="i === 1">
                <button v-for="k in sides.slice(2, 4)" :key="k.says" class="side" :aria-label="k.says" @click="tapped = k.tap(tapped)">
                    {{ k.label }}
                </button>
            </template>
            <template v-if="i === 2">
                <button class="side" :aria-label="sixteenths.says" :disabled="degrees" @click="tapped = sixteenths.tap(tapped)">
                    {{ sixteenths.label }}
                </button>
                <button class="side small" @click="tapped = back(tapped)">Take back</button>
            </template>
        </template>
        <button aria-label="0" @click="tapped = figure('0').tap(tapped)">0</button>
        <slot name="meter" />
        <button class="keep" :disabled="text === ''" @click="keep">Keep, next</button>
    </div>
</template>

<style scoped>
.pad {
    display: grid;
    grid-template-columns: repeat(3, 1fr) repeat(2, 1.45fr);
    gap: 7px;
    padding: 6px 14px 14px;
}
button {
    height: clamp(52px, 8.4dvh, 74px);
    border: 1px solid var(--rule);
    border-radius: 6px;
    background: var(--sheet);
    color: var(--ink);
    font: inherit;
    font-size: 24px;
    touch-action: manipulation;
}
button:active {
    background: var(--chalk-wash);
}
.side {
    background: color-mix(in srgb, var(--wood) 40%, var(--sheet));
    font-size: 20px;
}
.small {
    font-size: 15px;
}
.keep {
    grid-column: -3 / -1;
    background: var(--chalk);
    color: var(--sheet);
    font-weight: 600;
    font-size: 19px;
}
.keep:disabled {
    opacity: 0.45;
}
</style>
