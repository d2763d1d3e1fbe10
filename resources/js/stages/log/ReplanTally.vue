<script setup lang="ts">
import Button from 'primevue/button';
import type { Replan } from '../../api/client';
import { money } from '../../measure/amount';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import { difference } from './replan';
import { say } from '../../measure/say';

/** What the change costs, and taking it. */
const props = defineProps<{ replan: Replan }>();
const project = useProject();
const guarded = useRefusals();
const cash = (cents: number): string => money(cents, project.plan!.buy.currency);
const time = (minutes: number): string => (minutes < 60 ? say('{0} min', minutes) : say('{0} h', (minutes / 60).toFixed(1)));
const take = (): Promise<boolean> => guarded(project.change(...props.replan.ops));
</script>

<template>
    <section class="tape-paper" aria-label="what the change costs">
        <div class="what">The change costs</div>
        <div class="big">{{ difference(replan.after.cents, replan.before.cents, cash) }}</div>
        <ul class="sum">
            <li>Sheets: {{ replan.after.sheets }}, {{ difference(replan.after.sheets, replan.before.sheets, (n) => `${n}`) }}</li>
            <li>To buy: {{ cash(replan.after.cents) }}</li>
            <li class="under">
                Work left: {{ time(replan.after.minutes) }}, {{ difference(replan.after.minutes, replan.before.minutes, time) }}
            </li>
        </ul>
        <p class="soft">Nothing is kept until you take it; undo takes it back.</p>
        <Button label="Take it so" size="small" @click="take" />
    </section>
</template>

<style scoped>
.sum li {
    padding: 2px 0;
}
p {
    font-size: 13px;
}
</style>
