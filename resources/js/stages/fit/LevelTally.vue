<script setup lang="ts">
import { computed } from 'vue';
import { show, showWithUnit } from '../../measure/show';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import { say } from '../../measure/say';
import { called } from '../../measure/called';

/** The base made level: what is packed under each support, and the stacks that must come out flush. */
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();

const fitted = computed(() => project.fitted!);
const piece = computed(() => project.piece![1]);
const floating = computed(() => project.space?.[1].build?.floor === 'floating');
const labels = computed(() => Object.fromEntries(project.plan!.parts.map((p) => [p.id, p.label])));
const mm = (value: number): string => show(value, project.unit);
const most = computed(() => Math.max(0, ...fitted.value.supports.flatMap((s) => [s.shim_rear, s.shim_front])));
const stacks = computed(() =>
    (['depth', 'height', 'width'] as const).map((axis) => ({
        axis,
        stack: fitted.value.stacks[axis],
        sum: fitted.value.stacks[axis].layers.reduce((sum, l) => sum + l.size, 0),
    })),
);
const schools = [
    { value: 'stands_on', label: say('Stands on it') },
    { value: 'cut_away', label: say('Cut away round it') },
];
const path = (key: string): string[] => ['pieces', project.piece![0], key];
const school = (v: string): Promise<boolean> =>
    guarded(project.set(path('base'), { ...(piece.value.base ?? { kind: 'play', set_off: 0 }), floating: v }));

/** Packers behind it where it stands back; a shallower carcass where it stands proud. */
function flush(): Promise<boolean> {
    const rest = fitted.value.stacks.depth.rest!;
    const round = (v: number): number => Math.round(v * 1e6) / 1e6;
    return rest > 0
        ? guarded(
              project.set(path('back'), {
                  ...(piece.value.back ?? { kind: 'play', set_off: 0 }),
                  set_off: round((piece.value.back?.set_off ?? 0) + rest),
              }),
          )
        : guarded(project.set(path('depth'), round(piece.value.depth + rest)));
}
</script>

<template>
    <section class="tape-paper" aria-label="shims">
        <div class="what">Under the base, packed level from the floor’s high point</div>
        <div class="big">{{ mm(most) }}<small>at most</small></div>
        <table v-if="fitted.supports.length" class="figures">
            <thead>
                <tr>
                    <th>under</th>
                    <th>from left</th>
                    <th>rear</th>
                    <th>front</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="s in fitted.supports" :key="s.under" :class="{ on: picked === s.under }">
                    <td>
                        <button class="linkish" @click="picked = s.under">{{ labels[s.under] }}</button>
                    </td>
                    <td>{{ mm(s.x) }}</td>
                    <td>{{ mm(s.shim_rear) }}</td>
                    <td>{{ mm(s.shim_front) }}</td>
                </tr>
            </tbody>
        </table>
        <p v-else class="soft small">
            {{
                piece.base?.kind === 'scribed'
                    ? 'Its boards are cut to the floor: nothing is packed.'
                    : 'The floor is not read here, or nothing stands on it.'
            }}
        </p>
        <p class="soft small">Or leave the boards long and cut them to the floor: choose that for the base, among the edges.</p>
        <ul v-if="fitted.floor_advice.length" class="advice">
            <li v-for="(t, i) in fitted.floor_advice" :key="i">{{ render(t, project.unit) }}</li>
        </ul>
    </section>
    <div v-if="floating" class="ch">
        <span>Floating floor</span>
        <Choice label="floating floor" :value="piece.base?.floating ?? 'stands_on'" :options="schools" @choose="school" />
    </div>
    <section v-for="s in stacks" :key="s.axis" class="bears stack" :aria-label="`stack of its ${called(s.axis)}`">
        <h4>{{ capitalised(called(s.axis)) }}, layer by layer</h4>
        <table class="figures">
            <tbody>
                <tr v-for="(l, i) in s.stack.layers" :key="i">
                    <td>{{ capitalised(render(l.name, project.unit)) }}</td>
                    <td>{{ mm(l.size) }}</td>
                </tr>
                <tr class="sum">
                    <td>Together</td>
                    <td>{{ mm(s.sum) }}</td>
                </tr>
                <tr v-if="s.stack.plane && s.stack.rest !== null">
                    <td>{{ s.stack.rest >= 0 ? 'Left to the' : 'Past the' }} {{ render(s.stack.plane, project.unit) }}</td>
                    <td>{{ mm(Math.abs(s.stack.rest)) }}</td>
                </tr>
            </tbody>
        </table>
        <button v-if="s.axis === 'depth' && s.stack.rest && Math.abs(s.stack.rest) > 0.05" class="linkish" @click="flush">
            Bring the fronts flush:
            {{
                s.stack.rest > 0
                    ? `packers of ${showWithUnit(s.stack.rest, project.unit)} behind it`
                    : `a carcass ${showWithUnit(-s.stack.rest, project.unit)} shallower`
            }}
        </button>
    </section>
</template>

<style scoped>
.stack .linkish {
    text-align: left;
    font-size: 13px;
    padding-left: 0;
}
.small,
.advice {
    font-size: 12.5px;
    margin: 8px 0 0;
}
.advice {
    padding-left: 18px;
}
</style>
