<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Purchase } from '../../api/plan';
import { money, showAmount } from '../../measure/amount';
import { capitalised, render, word } from '../../measure/words';
import { happened, struck } from '../../project/facts';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import Choice from '../../ui/Choice.vue';
import { heaps, standing } from './buy';
import FileLink from '../../ui/FileLink.vue';
import { say } from '../../measure/say';

/** Everything to be bought: by shop, or by sort. A tick writes down that it was bought, for its price where one is known. */
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();
const by = ref<'shop' | 'group'>('shop');
const list = computed(() => project.plan!.buy);
const shown = computed(() => heaps(list.value, by.value));

const title = (key: string): string =>
    by.value === 'group' ? capitalised(word(`buy.group.${key}`)) : (project.document!.shop?.shops?.[key] ?? word(`buy.shop.${key}`));
const heapCents = (lines: readonly Purchase[]): number => lines.reduce((n, l) => n + (l.cost_cents ?? 0), 0);
const said = { buy: '', bought: say('bought'), in_hand: say('in hand'), left_out: say('left out') } as const;
const packs = (l: Purchase): string => {
    if (l.packs === 0) return '–';
    return l.pack.unit === 'each' && l.pack.value === 1 ? String(l.packs) : `${l.packs} × ${showAmount(l.pack, project.unit)}`;
};
const needed = (l: Purchase): string => showAmount(l.wanted, project.unit);

function tick(l: Purchase): void {
    const missing = Math.max(0, l.packs - l.got_packs);
    void guarded(
        l.bought
            ? project.change(...l.receipts.map(struck))
            : project.change(happened({ kind: 'bought', line: l.key, packs: missing, cents: (l.price_cents ?? 0) * missing })),
    );
}
</script>

<template>
    <div class="listing list">
        <div class="how">
            <Choice
                label="how the list is heaped"
                :value="by"
                :options="[
                    { value: 'shop', label: 'By shop' },
                    { value: 'group', label: 'By sort' },
                ]"
                @choose="(v) => (by = v)"
            />
            <span class="soft">{{ list.to_buy === 0 ? 'Nothing left to buy.' : `${list.to_buy} lines to buy.` }}</span>
            <span class="files">
                <FileLink class="linkish" :to="`/api/projects/${project.line!.id}/shopping.pdf`">Print the list</FileLink>
                <FileLink class="linkish" :to="`/api/projects/${project.line!.id}/shopping.csv`">CSV</FileLink>
            </span>
        </div>
        <section v-for="heap in shown" :key="heap.key" :aria-label="title(heap.key)">
            <h3>
                {{ title(heap.key) }}
                <span v-if="heapCents(heap.lines)" class="soft">{{ money(heapCents(heap.lines), list.currency) }}</span>
            </h3>
            <table>
                <tbody>
                    <tr v-for="l in heap.lines" :key="l.key" :class="[standing(l), { on: picked === l.key }]" @click="picked = l.key">
                        <td class="tick">
                            <input
                                type="checkbox"
                                :checked="l.bought"
                                :disabled="l.packs === 0"
                                :aria-label="`${render(l.name, project.unit)}: bought`"
                                @click.stop
                                @change="tick(l)"
                            />
                        </td>
                        <td>
                            <button class="linkish name" @click.stop="picked = l.key">{{ render(l.name, project.unit) }}</button>
                            <span v-if="l.instead" class="soft"> instead: {{ l.instead }}</span>
                        </td>
                        <td class="n">{{ needed(l) }}</td>
                        <td class="n">{{ packs(l) }}</td>
                        <td class="n">
                            {{ l.cost_cents === null ? (l.packs ? 'no price' : '') : l.packs ? money(l.cost_cents, list.currency) : '' }}
                        </td>
                        <td class="soft state">{{ said[standing(l)] }}</td>
                    </tr>
                </tbody>
                <thead>
                    <tr>
                        <th />
                        <th>What</th>
                        <th class="n">Needed</th>
                        <th class="n">Packs</th>
                        <th class="n">Cost</th>
                        <th />
                    </tr>
                </thead>
            </table>
        </section>
    </div>
</template>

<style scoped>
.list {
    padding-top: 0;
}
.how {
    position: sticky;
    top: 0;
    z-index: 1;
    display: flex;
    gap: 16px;
    align-items: center;
    padding: 12px 0 8px;
    background: var(--sheet);
}
.files {
    margin-left: auto;
}
thead {
    display: table-header-group;
}
th {
    text-align: left;
    font-size: 11.5px;
    font-weight: 500;
    color: var(--soft);
}
th,
td {
    padding: 3px 8px 3px 0;
}
tbody tr {
    cursor: pointer;
}
tbody td {
    border-top: 1px solid var(--rule);
}
tr.on {
    background: var(--chalk-wash);
}
.n {
    text-align: right;
    white-space: nowrap;
    width: 96px;
}
.tick {
    width: 26px;
}
.tick input {
    width: 17px;
    height: 17px;
}
.state {
    width: 64px;
    font-size: 12.5px;
}
.name {
    text-align: left;
    padding: 0;
}
tr.bought .name,
tr.left_out .name {
    text-decoration: line-through;
    color: var(--soft);
}
</style>
