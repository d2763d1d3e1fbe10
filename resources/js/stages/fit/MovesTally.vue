<script setup lang="ts">
import { computed } from 'vue';
import type { Motion } from '../../api/plan';
import { show, showWithUnit } from '../../measure/show';
import { capitalised, render, word } from '../../measure/words';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import Stepper from '../../ui/Stepper.vue';
import { reach, stopped } from './moves';
import { say } from '../../measure/say';

/** What moves, how far it opens, what stops it; and for flaps the struts that hold them open and let them stay shut. */
const props = defineProps<{ motion: Motion }>();
const emit = defineEmits<{ choose: [id: string] }>();
const project = useProject();
const guarded = useRefusals();

const mm = (v: number): string => show(v, project.unit);
const struts = computed(() => props.motion.struts);
const newtons = (v: number): string => `${v.toFixed(0)} N`;
const metres = (nmm: number): string => `${(nmm / 1000).toFixed(2)} N·m`;
/** Between what holds it open and what lets it stay shut. */
const range = computed(() => {
    const s = struts.value;
    if (!s || s.holds_from === null) return say('Mounted so, they cannot hold it open: move them further from the hinge.');
    if (s.shuts_to === null) return say('{0} or more each: they go over centre and pull it shut.', newtons(s.holds_from));
    return s.holds_from < s.shuts_to
        ? say('From {0} to {1} each: holds open and stays shut.', newtons(s.holds_from), newtons(s.shuts_to))
        : say(
              '{0} each to hold it open, but over {1} it does not stay shut by itself: a catch, or struts mounted nearer the hinge.',
              newtons(s.holds_from),
              newtons(s.shuts_to),
          );
});
const set = (key: string, value: number): Promise<boolean> =>
    guarded(project.set(['pieces', project.piece![0], 'struts'], { ...project.piece![1].struts, [key]: Math.round(value * 100) / 100 }));
</script>

<template>
    <section class="tape-paper" :aria-label="`${render(motion.name, project.unit)}: opens ${reach(motion, mm)}`">
        <div class="what">{{ capitalised(render(motion.name, project.unit)) }}: {{ word(`mover.${motion.kind}`) }}, opens</div>
        <div class="big" :class="{ stuck: stopped(motion) }">{{ reach(motion, mm) }}</div>
        <div class="alt">
            <template v-if="stopped(motion)"
                >of {{ reach(motion, (v) => showWithUnit(v, project.unit), 'wants') }}: it meets
                {{ render(motion.meets!, project.unit) }}.</template
            >
            <template v-else>all that is wanted; nothing in its way.</template>
        </div>
        <p v-if="motion.kind === 'hinged'" class="soft small">With a handle 35 mm proud, 40 mm in from its closing edge.</p>
        <template v-if="struts">
            <table class="figures">
                <tbody>
                    <tr>
                        <td>Weighs, hardware not counted</td>
                        <td>{{ struts.kg }} kg</td>
                    </tr>
                    <tr>
                        <td>Its centre from the hinge</td>
                        <td>{{ mm(struts.centre) }}</td>
                    </tr>
                    <tr>
                        <td>Moment open · shut</td>
                        <td>{{ metres(struts.moment_open) }} · {{ metres(struts.moment_shut) }}</td>
                    </tr>
                    <tr>
                        <td>Lever of a strut open · shut</td>
                        <td>{{ mm(struts.arm_open) }} · {{ mm(struts.arm_shut) }}</td>
                    </tr>
                </tbody>
            </table>
            <p class="range">{{ range }}</p>
            <p class="soft small">
                Holds open: struts × force × lever ≥ 1.2 × moment. Stays shut: struts × {{ struts.harder }} × force × lever under 0.9 ×
                moment; a compressed strut pushes harder. Less 3.4 % for each 10 K colder.
            </p>
        </template>
    </section>
    <section v-if="struts" class="bears">
        <h4>Struts</h4>
        <div class="ch">
            <span>A flap</span>
            <Stepper
                label="struts"
                :value="struts.count"
                :least="1"
                :most="4"
                @less="set('count', struts.count - 1)"
                @more="set('count', struts.count + 1)"
            />
        </div>
        <div class="ch">
            <span>Mounted at</span>
            <span class="at">
                <button class="linkish" aria-label="nearer the hinge" @click="set('on_flap', struts.share - 0.05)">nearer</button>
                {{ showWithUnit(struts.on_flap, project.unit) }} from the hinge
                <button class="linkish" aria-label="further from the hinge" @click="set('on_flap', struts.share + 0.05)">further</button>
            </span>
        </div>
    </section>
    <section class="bears">
        <h4>What moves</h4>
        <ul class="pick-list">
            <li v-for="m in project.fitted!.motions" :key="m.id" :class="{ on: m.id === motion.id }">
                <button class="linkish" @click="emit('choose', m.id)">{{ capitalised(render(m.name, project.unit)) }}</button>
                <span class="num" :class="{ stuck: stopped(m) }"
                    >{{ reach(m, mm) }}{{ stopped(m) ? ` of ${reach(m, mm, 'wants')}` : '' }}</span
                >
            </li>
        </ul>
    </section>
</template>

<style scoped>
.stuck {
    color: var(--brick);
}
.range {
    font-weight: 650;
    font-size: 13px;
    margin: 10px 0 0;
}
.small {
    font-size: 12.5px;
    margin: 8px 0 0;
}
.at {
    font-size: 12.5px;
}
</style>
