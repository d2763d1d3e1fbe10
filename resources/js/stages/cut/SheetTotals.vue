<script setup lang="ts">
import { computed } from 'vue';
import type { MaterialPlan } from '../../api/plan';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import CutGoal from './CutGoal.vue';
import { say } from '../../measure/say';

const project = useProject();
const unit = computed(() => project.unit);
const kept = (m: MaterialPlan): string[] =>
    m.sheets
        .flatMap((s) => s.offcuts)
        .filter((o) => o.worth_keeping)
        .sort((a, b) => b.length_mm * b.width_mm - a.length_mm * a.width_mm)
        .map((o) => `${show(o.length_mm, unit.value)}\u00a0×\u00a0${show(o.width_mm, unit.value)}`);
const bought = (m: MaterialPlan): number => m.buy.filter((b) => !b.in_hand).reduce((n, b) => n + b.count, 0);
const line = (b: MaterialPlan['buy'][number]): string =>
    `${b.count} × ${b.name}${b.in_hand ? say(', in hand') : ''} (${show(b.length, unit.value)} × ${show(b.width, unit.value)})`;
const proof = (m: MaterialPlan): string => {
    if (m.status === 'optimal') return m.lower_bound === null ? say('Proved: no plan costs less.') : say('Proved: no plan needs fewer.');
    return m.lower_bound === null
        ? say('Not proved that no plan costs less.')
        : say('No plan needs fewer than {0}; not proved that this is the fewest.', m.lower_bound);
};
const sum = (m: MaterialPlan): string =>
    m.buy
        .filter((b) => !b.in_hand)
        .map((b) => `${b.count} × ${money(b.price_cents)}`)
        .join(' + ');
const money = (cents: number): string => (cents / 100).toFixed(2);
</script>

<template>
    <section class="bears">
        <h4>Sheets to buy</h4>
        <div v-for="m in project.plan?.cut ?? []" :key="m.material" class="tape-paper slim">
            <div class="what">{{ m.name }}</div>
            <div class="big">
                {{ bought(m) }}<small>{{ bought(m) === 1 ? 'sheet' : 'sheets' }}, {{ m.used_percent }} % used</small>
            </div>
            <p v-if="m.buy.length > 1 || m.buy[0]?.in_hand" class="soft">{{ m.buy.map(line).join('; ') }}.</p>
            <p v-if="m.unplaced.length === 0" class="soft">
                {{ proof(m) }}
                {{ m.accepted ? 'The layout is the one you accepted.' : '' }}
            </p>
            <p v-else class="bad">{{ m.unplaced.length }} part(s) fit no sheet: see the line below.</p>
            <p v-if="kept(m).length" class="soft">Left over, worth keeping: {{ kept(m).join(', ') }}.</p>
            <p v-if="m.cost_cents > 0" class="soft">{{ sum(m) }} = {{ money(m.cost_cents) }}</p>
            <p class="soft">{{ m.settings }} settings of the fence, {{ m.turns }} {{ m.turns === 1 ? 'turn' : 'turns' }}.</p>
        </div>
        <CutGoal />
    </section>
</template>

<style scoped>
.slim {
    padding: 14px 16px 12px;
    margin-bottom: 12px;
}
.slim .big {
    font-size: 28px;
}
p {
    margin: 4px 0 0;
    font-size: 12.5px;
}
.bad {
    color: var(--brick);
    font-weight: 650;
}
</style>
