<script setup lang="ts">
import Button from 'primevue/button';
import { onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { api, type Look } from '../api/client';
import { show } from '../measure/show';
import { render } from '../measure/words';
import type { Unit } from '../measure/read';
import Choice from '../ui/Choice.vue';
import { useTaking } from '../ui/taking';
import { useTelling } from '../ui/telling';

/** What somebody with a link sees of a project: pieces, parts, sheets, and what can be taken along. */
const route = useRoute();
const look = ref<Look | null>(null);
const unit = ref<Unit>('mm');
const { trouble, tell } = useTelling();
const token = String(route.params.token);
onMounted(() =>
    tell(async () => {
        look.value = await api.look(token);
        unit.value = look.value.unit;
    }),
);
const file = (name: string): string => `/api/look/${token}/${name}`;
const picture = (query: string): string => `/api/look/${token}/picture.svg?${query}&unit=${unit.value}`;
const taking = useTaking();
const take = (name: string, link: EventTarget | null): void => void taking.take(file(name), (link as HTMLElement).textContent.trim());
const mm = (n: number): string => show(n, unit.value);
</script>

<template>
    <main class="paper look">
        <template v-if="look">
            <h1>{{ look.name }}</h1>
            <p class="soft">{{ look.household }}, revision {{ look.revision }}. To be read until {{ look.until }}.</p>
            <div class="take">
                <Button
                    as="a"
                    size="small"
                    label="Plan as PDF"
                    :href="file('plan.pdf')"
                    @click.exact.prevent="take('plan.pdf', $event.currentTarget)"
                />
                <Button
                    as="a"
                    size="small"
                    severity="secondary"
                    label="Cut list as CSV"
                    :href="file('parts.csv')"
                    @click.exact.prevent="take('parts.csv', $event.currentTarget)"
                />
                <Button
                    as="a"
                    size="small"
                    severity="secondary"
                    label="Shopping list"
                    :href="file('shopping.pdf')"
                    @click.exact.prevent="take('shopping.pdf', $event.currentTarget)"
                />
                <Choice
                    label="unit"
                    :value="unit"
                    :options="[
                        { value: 'mm', label: 'Millimetres' },
                        { value: 'in', label: 'Inches' },
                    ]"
                    @choose="(u) => (unit = u)"
                />
            </div>
            <section v-for="p in look.pieces" :key="p.id">
                <h2>{{ p.name }}</h2>
                <p class="soft">{{ mm(p.width.mm) }} wide, {{ mm(p.height.mm) }} high, {{ mm(p.depth.mm) }} deep, in {{ unit }}</p>
                <img :src="picture(`piece=${encodeURIComponent(p.id)}`)" :alt="`${p.name} from the front, with its sizes`" />
            </section>
            <section v-for="m in look.sheets" :key="m.material">
                <h2>{{ m.name }}: {{ m.count }} {{ m.count === 1 ? 'sheet' : 'sheets' }}</h2>
                <figure v-for="n in m.count" :key="n">
                    <img
                        :src="picture(`material=${encodeURIComponent(m.material)}&sheet=${n}`)"
                        :alt="`${m.name}, sheet ${n}, with its parts`"
                        loading="lazy"
                    />
                    <figcaption class="soft">Sheet {{ n }}</figcaption>
                </figure>
            </section>
            <h2>Parts</h2>
            <table aria-label="parts">
                <thead>
                    <tr>
                        <th>Mark</th>
                        <th>Part</th>
                        <th class="n">Cut, {{ unit }}</th>
                        <th class="n">Finished, {{ unit }}</th>
                        <th>Material</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="p in look.parts" :key="p.id">
                        <th>{{ p.label }}</th>
                        <td>{{ render(p.name, unit) }}</td>
                        <td class="n">{{ mm(p.cut.length.mm) }} × {{ mm(p.cut.width.mm) }}</td>
                        <td class="n">{{ mm(p.finished.length.mm) }} × {{ mm(p.finished.width.mm) }}</td>
                        <td>{{ p.material_name }}</td>
                    </tr>
                </tbody>
            </table>
        </template>
        <template v-else-if="trouble.length">
            <h1>Nothing to see here</h1>
            <p v-for="t in trouble" :key="t" role="alert">{{ t }}</p>
        </template>
        <p v-else class="soft">Opening…</p>
    </main>
</template>

<style scoped src="./pages.css"></style>
<style scoped>
.look {
    max-width: 900px;
}
.take {
    display: flex;
    gap: 10px;
    flex-wrap: wrap;
    align-items: center;
    margin-top: 18px;
}
img {
    max-width: 100%;
    max-height: 560px;
    height: auto;
    display: block;
    background: #fff;
    border: 1px solid var(--rule);
    margin: 8px 0;
}
figure {
    margin: 0 0 14px;
}
table {
    width: 100%;
    border-collapse: collapse;
}
th,
td {
    text-align: left;
    padding: 4px 10px 4px 0;
    border-bottom: 1px solid var(--rule);
}
.n {
    text-align: right;
    white-space: nowrap;
}
</style>
