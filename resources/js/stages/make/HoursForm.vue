<script setup lang="ts">
import { computed } from 'vue';
import { useProject } from '../../project/store';
import Fold from '../../ui/Fold.vue';
import NumberField from '../../ui/NumberField.vue';
import { useRefusals } from '../../ui/refusals';
import { dayName, usualDay, weekdays } from './days';
import { hours } from './steps';

/** When the work ends and how surely, and the hours a person has. */
const props = defineProps<{ day: string | null }>();
const project = useProject();
const guarded = useRefusals();
const schedule = computed(() => project.plan!.schedule);
const calendar = computed(() => project.document!.calendar ?? {});
const say = (path: readonly string[], value: unknown): Promise<boolean> => guarded(project.set(['calendar', ...path], value));
const names = { mon: 'Monday', tue: 'Tuesday', wed: 'Wednesday', thu: 'Thursday', fri: 'Friday', sat: 'Saturday', sun: 'Sunday' } as const;
const rows = computed(() => weekdays.map((d) => ({ d, ...usualDay[d], ...calendar.value.week?.[d] })));
const text = (e: Event): string | null => (e.target as HTMLInputElement).value || null;
const own = computed(() => (props.day ? calendar.value.days?.[props.day] : undefined));
</script>

<template>
    <section class="tape-paper" aria-label="when it ends">
        <div class="what">Done by</div>
        <div class="big">{{ schedule.ends ? dayName(schedule.ends) : '–' }}</div>
        <ul class="sum">
            <li>
                {{ hours(schedule.minutes) }} of work left; it may be {{ hours(schedule.least_minutes) }} to
                {{ hours(schedule.most_minutes) }}
            </li>
            <li v-if="schedule.learnt" class="soft">paced by {{ schedule.learnt }} of your own steps</li>
            <li v-else class="soft">by our figures: time your steps, and it learns yours</li>
            <li v-if="schedule.late" class="late">later than {{ dayName(schedule.deadline!) }}</li>
        </ul>
        <a class="linkish" :href="`/api/projects/${project.line!.id}/work.ics`">For your calendar (.ics)</a>
    </section>
    <section class="bears">
        <label class="ch"
            ><span>Begins</span>
            <input
                type="date"
                class="p-inputtext p-inputtext-sm"
                aria-label="begins"
                :value="calendar.start ?? project.document!.as_of"
                @change="(e) => say(['start'], text(e))"
        /></label>
        <label class="ch"
            ><span>To be done by</span>
            <input
                type="date"
                class="p-inputtext p-inputtext-sm"
                aria-label="to be done by"
                :value="calendar.deadline ?? ''"
                @change="(e) => say(['deadline'], text(e))"
        /></label>
        <div v-if="day" class="own">
            <h4>{{ dayName(day) }}</h4>
            <div class="ch">
                <span>Hours</span>
                <NumberField
                    :value="own?.hours ?? null"
                    :least="0"
                    :most="24"
                    :decimals="1"
                    placeholder="as usual"
                    :label="`${dayName(day)}: hours of work`"
                    @keep="(v: number | null) => say(v === null ? ['days', day!] : ['days', day!, 'hours'], v)"
                />
            </div>
            <label v-if="own" class="ch"
                ><span>From</span>
                <input
                    type="time"
                    class="p-inputtext p-inputtext-sm"
                    :aria-label="`${dayName(day)}: from`"
                    :value="own.from ?? '09:00'"
                    @change="(e) => say(['days', day!, 'from'], text(e))"
            /></label>
            <label class="ch"
                ><span>Wet: no sawing outdoors</span>
                <input
                    type="checkbox"
                    :aria-label="`${dayName(day)}: wet`"
                    :checked="calendar.wet?.[day] ?? false"
                    @change="(e) => say(['wet', day!], (e.target as HTMLInputElement).checked || null)"
            /></label>
        </div>
        <Fold title="Hours you have" open>
            <div v-for="r in rows" :key="r.d" class="week">
                <span>{{ names[r.d] }}</span>
                <input
                    type="time"
                    class="p-inputtext p-inputtext-sm"
                    :aria-label="`${names[r.d]}: from`"
                    :value="r.from"
                    @change="(e) => say(['week', r.d, 'from'], text(e))"
                />
                <NumberField
                    :value="r.hours"
                    :least="0"
                    :most="24"
                    :decimals="1"
                    suffix=" h"
                    narrow
                    :label="`${names[r.d]}: hours`"
                    @keep="(v: number | null) => say(['week', r.d, 'hours'], v ?? 0)"
                />
            </div>
        </Fold>
        <Fold title="Noise and weather">
            <label class="ch"
                ><span>Quiet until</span>
                <input
                    type="time"
                    class="p-inputtext p-inputtext-sm"
                    aria-label="quiet until"
                    :value="calendar.quiet_until ?? '08:00'"
                    @change="(e) => say(['quiet_until'], text(e))"
            /></label>
            <label class="ch"
                ><span>Quiet from</span>
                <input
                    type="time"
                    class="p-inputtext p-inputtext-sm"
                    aria-label="quiet from"
                    :value="calendar.quiet_from ?? '20:00'"
                    @change="(e) => say(['quiet_from'], text(e))"
            /></label>
            <label class="ch"
                ><span>No noise on Sundays</span>
                <input
                    type="checkbox"
                    aria-label="no noise on Sundays"
                    :checked="calendar.quiet_days?.sun ?? false"
                    @change="(e) => say(['quiet_days', 'sun'], (e.target as HTMLInputElement).checked || null)"
            /></label>
            <label class="ch"
                ><span>Sawing is done outdoors</span>
                <input
                    type="checkbox"
                    aria-label="sawing is done outdoors"
                    :checked="calendar.outdoors ?? false"
                    @change="(e) => say(['outdoors'], (e.target as HTMLInputElement).checked || null)"
            /></label>
        </Fold>
    </section>
</template>

<style scoped>
.sum {
    list-style: none;
    margin: 8px 0;
    padding: 0;
    font-size: 13px;
}
.late {
    color: var(--brick);
    font-weight: 650;
}
.week {
    display: grid;
    grid-template-columns: 82px 118px 58px;
    gap: 6px;
    align-items: center;
    margin-bottom: 4px;
    font-size: 13px;
}
.own {
    border-left: 3px solid var(--chalk);
    padding-left: 8px;
    margin: 8px 0;
}
</style>
