<script setup lang="ts">
import { computed } from 'vue';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { clock, dayName, daysBetween, dryingOn, longest } from './days';
import { hours } from './steps';

/** The work on a ruler of hours, a line a day; what dries meanwhile runs underneath, nights included. */
defineProps<{ day: string | null }>();
const emit = defineEmits<{ step: [id: string]; pick: [date: string] }>();
const project = useProject();
const schedule = computed(() => project.plan!.schedule);
const widest = computed(() => longest(schedule.value));
const steps = computed(() => new Map(project.plan!.steps.map((s, i) => [s.id, { number: i + 1, step: s }])));
/** Every day begins at the left; a minute is as wide on each. */
const x = (day: { from: number; minutes: number }, minute: number): number =>
    (100 * (Math.min(day.from + day.minutes, Math.max(day.from, minute)) - day.from)) / widest.value;
const marks = (d: { from: number; minutes: number }): number[] =>
    Array.from({ length: Math.floor(d.minutes / 60) + 1 }, (_, i) => (Math.ceil(d.from / 60) + i) * 60).filter(
        (m) => m <= d.from + d.minutes,
    );
const rows = computed(() =>
    schedule.value.days.map((d, i) => ({
        ...d,
        gap: i === 0 ? 0 : daysBetween(schedule.value.days[i - 1]!.date, d.date) - 1,
        drying: schedule.value.drying.flatMap((dry) => {
            const on = dryingOn(dry, d.date);
            return on && on.to > d.from && on.from <= d.from + d.minutes ? [{ ...on, dry }] : [];
        }),
    })),
);
const title = (id: string): string => {
    const found = steps.value.get(id);
    return found ? render(found.step.title, project.unit) : id;
};
const lanes = computed(() => project.document!.make?.hands ?? 1);
/** In which row of its day a slot lies: side by side where two pairs of hands work. */
const laneOf = (slots: (typeof rows.value)[number]['slots'], i: number): number =>
    slots.slice(0, i).filter((s) => s.from + s.minutes > slots[i]!.from).length % Math.max(1, lanes.value);
</script>

<template>
    <div class="listing">
        <div v-for="d in rows" :key="d.date" class="day" :class="{ on: d.date === day }">
            <p v-if="d.gap > 0" class="soft gap">{{ d.gap === 1 ? 'a day' : `${d.gap} days` }} without work</p>
            <button class="date" :aria-label="`${dayName(d.date)}: hours`" @click="emit('pick', d.date)">
                {{ dayName(d.date) }}
                <small>{{ clock(d.from) }}, {{ hours(d.minutes) }}</small>
            </button>
            <div class="line" :style="{ height: `${34 * Math.max(1, lanes) + 15 * d.drying.length}px` }">
                <span class="room" :style="{ width: `${x(d, d.from + d.minutes)}%` }" />
                <span v-for="m in marks(d)" :key="m" class="hour" :style="{ left: `${x(d, m)}%` }" aria-hidden="true" />
                <button
                    v-for="(s, i) in d.slots"
                    :key="`${s.step}${s.from}`"
                    class="slot"
                    :class="{ held: steps.get(s.step)?.step.held.length }"
                    :style="{
                        left: `${x(d, s.from)}%`,
                        width: `calc(${x(d, s.from + s.minutes) - x(d, s.from)}% - 1px)`,
                        top: `${34 * laneOf(d.slots, i)}px`,
                        height: `${s.hands > 1 ? 34 * s.hands - 4 : 30}px`,
                    }"
                    :title="`${clock(s.from)} ${title(s.step)}, ${hours(s.minutes)}${s.last ? '' : ', goes on'}`"
                    @click="emit('step', s.step)"
                >
                    <b>{{ steps.get(s.step)?.number }}</b> {{ title(s.step) }}
                </button>
                <span
                    v-for="(w, i) in d.drying"
                    :key="`w${i}`"
                    class="dries"
                    :style="{ left: `${x(d, w.from)}%`, width: `max(14px, ${x(d, w.to) - x(d, w.from)}%)`, bottom: `${15 * i + 1}px` }"
                    :title="title(w.dry.step)"
                >
                    <em
                        >{{ steps.get(w.dry.step)?.number }} dries until {{ w.dry.until.date === d.date ? '' : dayName(w.dry.until.date) }}
                        {{ clock(w.dry.until.minute) }}</em
                    >
                </span>
            </div>
        </div>
        <p v-if="!rows.length" class="soft">
            {{ schedule.unplaced.length ? 'No hours in which it could be done: give some days hours.' : 'Nothing left to do.' }}
        </p>
        <p v-if="schedule.unplaced.length && rows.length" class="bad">{{ schedule.unplaced.length }} steps find no time.</p>
    </div>
</template>

<style scoped>
.day {
    display: grid;
    grid-template-columns: 112px minmax(0, 1fr);
    border-bottom: 1px solid var(--rule);
    align-items: center;
}
.day.on {
    background: var(--chalk-wash);
}
.gap {
    grid-column: 1 / 3;
    margin: 0;
    padding: 2px 0 2px 112px;
    font-size: 11.5px;
    border-bottom: 1px dotted var(--rule);
}
.date {
    border: 0;
    background: none;
    text-align: left;
    color: var(--chalk);
    padding: 4px 6px 4px 0;
    cursor: pointer;
    font-size: 13.5px;
}
.date small {
    display: block;
    color: var(--soft);
    font-size: 11.5px;
}
.line {
    position: relative;
    margin: 3px 0;
}
.room {
    position: absolute;
    left: 0;
    top: 0;
    bottom: 0;
    background: var(--tally-ground);
}
.slot {
    position: absolute;
    overflow: hidden;
    white-space: nowrap;
    text-align: left;
    border: 1px solid var(--ink);
    background: var(--board-fill);
    color: var(--ink);
    font-size: 12px;
    padding: 0 5px;
    cursor: pointer;
}
.slot.held {
    border: 2px dashed var(--brick);
}
.hour {
    position: absolute;
    top: 0;
    bottom: 0;
    border-left: 1px solid var(--rule);
}
.dries {
    position: absolute;
    height: 12px;
    border: 1px solid var(--chalk);
    background: repeating-linear-gradient(45deg, var(--chalk) 0 1px, transparent 1px 5px);
    font-size: 10.5px;
    line-height: 10px;
    white-space: nowrap;
}
.dries em {
    font-style: normal;
    background: var(--sheet);
    color: var(--ink);
    padding: 0 4px;
    margin-left: 10px;
}
.bad {
    color: var(--brick);
    font-weight: 650;
}
</style>
