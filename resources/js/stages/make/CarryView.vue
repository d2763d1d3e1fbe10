<script setup lang="ts">
import { computed } from 'vue';
import { showAmount } from '../../measure/amount';
import { show } from '../../measure/show';
import { capitalised, render, word } from '../../measure/words';
import { useProject } from '../../project/store';
import { say } from '../../measure/say';

/** What is lifted and by how many, what is fetched and whether the car takes it, in which order it is wanted, how it comes apart again. */
const emit = defineEmits<{ step: [id: string] }>();
const project = useProject();
const carrying = computed(() => project.plan!.carrying);
const labels = computed(() => Object.fromEntries(project.plan!.parts.map((p) => [p.id, p.label])));
const sizes = (mm: readonly number[]): string => mm.map((l) => show(l, project.unit).replace(/\.0$/, '')).join(' × ');
const number = (id: string): number => project.plan!.steps.findIndex((s) => s.id === id) + 1;
const shop = (key: string): string => project.document!.shop?.shops?.[key] ?? word(`buy.shop.${key}`);
const car = (fits: boolean | null): string => (fits === null ? '' : fits ? say('lies flat') : say('cut first'));
</script>

<template>
    <div class="listing">
        <h3>What is carried as a whole</h3>
        <p class="soft">Weights as carried: without doors, drawers, loose shelves and hardware.</p>
        <table aria-label="loads">
            <tbody>
                <tr v-for="(l, i) in carrying.loads" :key="i">
                    <td>
                        {{ capitalised(render(l.name, project.unit)) }}
                        <small class="soft">{{ l.parts.map((p) => labels[p]).join(' ') }}</small>
                        <p v-for="(s, n) in l.says" :key="n" class="look">{{ render(s, project.unit) }}</p>
                    </td>
                    <td class="n">{{ sizes(l.size) }}</td>
                    <td class="n">{{ showAmount(l.kg, project.unit) }}</td>
                    <td class="n">{{ l.people }} {{ l.people === 1 ? 'person' : 'people' }}</td>
                </tr>
            </tbody>
        </table>
        <h3>
            In the car
            <span v-if="carrying.goods.length" class="soft">
                {{ showAmount(carrying.goods_kg, project.unit)
                }}{{ carrying.trips ? `, ${carrying.trips} ${carrying.trips === 1 ? 'trip' : 'trips'}` : '' }}
            </span>
        </h3>
        <p v-if="!carrying.goods.length" class="soft">Nothing large left to fetch.</p>
        <table v-else aria-label="goods">
            <tbody>
                <tr v-for="(g, i) in carrying.goods" :key="i">
                    <td>{{ g.count }} × {{ render(g.name, project.unit) }}</td>
                    <td class="n">{{ showAmount(g.kg, project.unit) }} each</td>
                    <td class="n" :class="{ bad: g.fits === false }">{{ car(g.fits) }}</td>
                </tr>
            </tbody>
        </table>
        <h3>In this order it is wanted</h3>
        <ol aria-label="deliveries">
            <li v-for="(d, i) in carrying.delivery" :key="i">
                {{ render(d.name, project.unit) }}
                <span class="soft"
                    >{{ shop(d.shop) }}{{ d.lead_days ? `, ordered ${d.lead_days} ${d.lead_days === 1 ? 'day' : 'days'} before` : '' }}, by
                </span>
                <button class="linkish" @click="emit('step', d.before)">step {{ number(d.before) }}</button>
            </li>
        </ol>
        <p v-if="!carrying.delivery.length" class="soft">All of it is there.</p>
        <h3>How it comes apart again</h3>
        <ol aria-label="taking apart">
            <li v-for="(a, i) in carrying.apart" :key="i">
                {{ render(a.title, project.unit) }}
            </li>
        </ol>
    </div>
</template>

<style scoped>
td {
    padding: 4px 10px 4px 0;
    border-bottom: 1px solid var(--rule);
    vertical-align: top;
}
.n {
    text-align: right;
    white-space: nowrap;
}
p {
    margin: 2px 0;
    font-size: 12.5px;
}
.look {
    color: var(--ochre-text);
}
.bad {
    color: var(--brick);
}
ol {
    margin: 4px 0;
    padding-left: 26px;
    columns: 1;
    font-size: 13.5px;
}
li {
    padding: 2px 0;
}
</style>
