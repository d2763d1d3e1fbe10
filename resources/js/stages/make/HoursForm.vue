<script setup lang="ts">
import { computed } from 'vue';
import { useProject } from '../../project/store';
import Fold from '../../ui/Fold.vue';
import NumberField from '../../ui/NumberField.vue';
import { useRefusals } from '../../ui/refusals';
import TextRow from '../../ui/TextRow.vue';
import TickRow from '../../ui/TickRow.vue';
import { dayName, weekdays } from './days';
import { hours } from './steps';
import FileLink from '../../ui/FileLink.vue';
import { say } from '../../measure/say';

/** When the work ends and how surely, and the hours a person has. */
const props = defineProps<{ day: string | null }>();
const project = useProject();
const guarded = useRefusals();
const schedule = computed(() => project.plan!.schedule);
const calendar = computed(() => project.document!.calendar ?? {});
const enter = (path: readonly string[], value: unknown): Promise<boolean> => guarded(project.set(['calendar', ...path], value));
const names = {
    mon: say('Monday'),
    tue: say('Tuesday'),
    wed: say('Wednesday'),
    thu: say('Thursday'),
    fri: say('Friday'),
    sat: say('Saturday'),
    sun: say('Sunday'),
} as const;
const rows = computed(() => weekdays.map((d) => ({ d, ...schedule.value.hours.week[d]! })));
const text = (e: Event): string | null => (e.target as HTMLInputElement).value || null;
const own = computed(() => (props.day ? schedule.value.hours.days[props.day] : undefined));
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
        <FileLink class="linkish" :to="`/api/projects/${project.line!.id}/work.ics`">For your calendar (.ics)</FileLink>
    </section>
    <section class="bears">
        <TextRow
            title="Begins"
            label="begins"
            type="date"
            :value="calendar.start ?? project.document!.as_of"
            :path="['calendar', 'start']"
        />
        <TextRow title="To be done by" label="to be done by" type="date" :value="calendar.deadline" :path="['calendar', 'deadline']" />
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
                    @keep="(v: number | null) => enter(v === null ? ['days', day!] : ['days', day!, 'hours'], v)"
                />
            </div>
            <TextRow
                v-if="own"
                title="From"
                :label="`${dayName(day)}: from`"
                type="time"
                :value="own.from"
                :path="['calendar', 'days', day, 'from']"
            />
            <TickRow
                title="Wet: no sawing outdoors"
                :label="`${dayName(day)}: wet`"
                :on="calendar.wet?.[day] ?? false"
                :path="['calendar', 'wet', day]"
            />
        </div>
        <Fold title="Hours you have" open>
            <div v-for="r in rows" :key="r.d" class="week">
                <span>{{ names[r.d] }}</span>
                <input
                    type="time"
                    class="p-inputtext p-inputtext-sm"
                    :aria-label="`${names[r.d]}: from`"
                    :value="r.from"
                    @change="(e) => enter(['week', r.d, 'from'], text(e))"
                />
                <NumberField
                    :value="r.hours"
                    :least="0"
                    :most="24"
                    :decimals="1"
                    suffix=" h"
                    narrow
                    :label="`${names[r.d]}: hours`"
                    @keep="(v: number | null) => enter(['week', r.d, 'hours'], v ?? 0)"
                />
            </div>
        </Fold>
        <Fold title="Noise and weather">
            <TextRow
                title="Quiet until"
                label="quiet until"
                type="time"
                :value="schedule.hours.quiet_until"
                :path="['calendar', 'quiet_until']"
            />
            <TextRow
                title="Quiet from"
                label="quiet from"
                type="time"
                :value="schedule.hours.quiet_from"
                :path="['calendar', 'quiet_from']"
            />
            <TickRow
                title="No noise on Sundays"
                label="no noise on Sundays"
                :on="calendar.quiet_days?.sun ?? false"
                :path="['calendar', 'quiet_days', 'sun']"
            />
            <TickRow
                title="Sawing is done outdoors"
                label="sawing is done outdoors"
                :on="calendar.outdoors ?? false"
                :path="['calendar', 'outdoors']"
            />
        </Fold>
    </section>
</template>

<style scoped>
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
