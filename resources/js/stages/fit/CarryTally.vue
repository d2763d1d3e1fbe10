<script setup lang="ts">
import { computed } from 'vue';
import type { CarriedBox } from '../../api/client';
import { show } from '../../measure/show';
import { render, word } from '../../measure/words';
import { useProject } from '../../project/store';
import { say } from '../../measure/say';

/** What was found for each box: stretch by stretch, at its place, and what to do where it does not go. */
const props = defineProps<{ boxes: readonly CarriedBox[]; chosen: string; at: number }>();
const emit = defineEmits<{ choose: [id: string]; at: [index: number] }>();
const project = useProject();

const box = computed(() => props.boxes.find((b) => b.id === props.chosen) ?? props.boxes[0]!);
const mm = (v: number): string => show(v, project.unit);
const stops = computed(() => [
    ...box.value.legs.map((l) => ({ name: l.name, verdict: l.verdict, says: l.says, tight: l.spare >= 0 && l.spare < 10 })),
    { name: say('At its place'), verdict: box.value.place.verdict, says: box.value.place.says, tight: false },
]);
</script>

<template>
    <section class="tape-paper" aria-label="does it go in">
        <div class="what">{{ render(box.name, project.unit) }}, {{ box.size.map(mm).join(' × ') }} {{ project.unit }}</div>
        <div class="big verdict" :class="box.verdict">{{ word(`verdict.${box.verdict}`) }}</div>
        <div class="alt">
            {{ box.kg }} kg as carried, without doors, drawers, loose shelves and hardware:
            {{ box.people === 1 ? 'one person' : `${box.people} people` }} at 23 kg each.
        </div>
        <ol class="stops">
            <li v-for="(s, i) in stops" :key="i" :class="{ on: i === at }">
                <button class="linkish" @click="emit('at', i)">{{ s.name }}</button>
                <b :class="s.verdict">{{ word(`verdict.${s.verdict}`) }}</b>
                <span>{{ render(s.says, project.unit) }}{{ s.tight ? ' Tight: hands want 10 mm a side.' : '' }}</span>
            </li>
        </ol>
        <p v-if="box.turned" class="split">{{ render(box.turned, project.unit) }}</p>
        <p v-if="box.split" class="split">{{ render(box.split, project.unit) }}</p>
        <p class="soft small">
            Searched with the box carried level, and leaning only at its place; tilting it while turning a corner was not searched.
        </p>
        <p v-if="box.legs.length === 0" class="soft small">
            Nobody has read the way in yet: doors, passages and turns are entered on Site, under the way in.
        </p>
    </section>
    <section v-if="boxes.length > 1" class="bears">
        <h4>Boxes of this piece</h4>
        <ul class="pick-list">
            <li v-for="b in boxes" :key="b.id" :class="{ on: b.id === box.id }">
                <button class="linkish" @click="emit('choose', b.id)">{{ render(b.name, project.unit) }}</button>
                <span class="num">{{ b.size.map(mm).join(' × ') }} · {{ word(`verdict.${b.verdict}`) }}</span>
            </li>
        </ul>
    </section>
</template>

<style scoped>
.verdict {
    font-size: 30px;
}
.cannot,
.not_found {
    color: var(--brick);
}
.goes_if {
    color: var(--ochre-text);
}
.stops {
    margin: 0;
    padding-left: 18px;
    font-size: 12.5px;
}
.stops li {
    margin-bottom: 7px;
}
.stops .on {
    background: var(--chalk-wash);
}
.stops span {
    display: block;
}
.split {
    font-weight: 650;
    margin: 10px 0 0;
    font-size: 13px;
}
.small {
    font-size: 12.5px;
    margin: 10px 0 0;
}
</style>
